import { contentOf } from '../play/content.ts';
import type { Play } from '../play/document.ts';
import type { OwnTeaching } from '../walkthrough/teaching.ts';

/** What of a document its verdict depends on, as a short text; empty when nobody plays against it. */
export function judgedContent(play: Play): string {
  const { court, customCourt, level, women, start, frames, refused } = play;
  const defence = play.defences?.[0];
  if (!defence) return '';
  const of = frames.map(({ id, parent, read, actions }) => ({ id, parent, read, actions }));
  return contentOf({ court, customCourt, level, women, start, frames: of, refused, defence });
}

/** What of a team's settings a verdict depends on: how many of a hundred open shots it makes. */
export const settingsOf = (makes: OwnTeaching['makes']): string => contentOf(makes ?? {});
