import { readsOn, type ReadSeen } from '../../../defence/reads.ts';
import { OFF_BALL_COVERAGES, ON_BALL_COVERAGES } from '../../../defence/plan.ts';
import { said, type Said } from '../../../language/said.ts';
import { contentOf } from '../../../play/content.ts';
import type { Frame, Play, Read } from '../../../play/document.ts';
import { frameById } from '../../../play/tree.ts';
import type { Check, CheckInput, Told } from '../../finding.ts';

/** Coverages of one screen, of which they play one; what goes with several is none of them. */
const COVERAGES: ReadonlySet<string> = new Set<string>([...ON_BALL_COVERAGES, ...OFF_BALL_COVERAGES]);

/** An ending is for something they do: it must be there to be seen, be told from the others, and agree with what was seen before. */
export const reads: Check = {
  code: 'reads',
  group: 'document',
  words: 'Every ending is for something that can be seen, and no two are for the same',
  limit:
    'a read names an action of its line; endings of one frame differ; a screen is played one way on a line',
  source: 'common practice',
  run: (input) => {
    const { play, timeline, court, walks } = input;
    const seen = readsOn(play, timeline, court);
    return walks.flatMap(({ frame }): Told[] => {
      const { read } = frame;
      if (!read) return [];
      const says = gone(input, frame) ?? same(play, frame, read) ?? against(seen, frame, read);
      return says ? [told(input, frame, says)] : [];
    });
  },
};

function told({ timeline, walks }: CheckInput, frame: Frame, says: Said): Told {
  return {
    frame: frame.id,
    players: [],
    place: walks.find((w) => w.frame === frame)!.before.places['1'],
    time: timeline.bars.find((b) => b.frame === frame.id)?.start ?? 0,
    severity: 'costs',
    says,
  };
}

/** What it reads is not on the line any more. */
const gone = ({ timeline }: CheckInput, { read }: Frame): Said | null =>
  read?.at && timeline.actions.every((a) => a.action.id !== read.at!.action)
    ? said('read-gone', { read })
    : null;

/** An ending before it starts from the same frame and is for the same. */
function same(play: Play, frame: Frame, read: Read): Said | null {
  const before = play.frames.slice(0, play.frames.indexOf(frameById(play, frame.id)!));
  return before.some((f) => f.parent === frame.parent && f.read && alike(f.read, read))
    ? said('read-same', { read })
    : null;
}

/** The same men are seen to do the same, as far as it is said where. */
const alike = (a: Read, b: Read): boolean =>
  a.does === b.does &&
  contentOf([...(a.who ?? [])].sort()) === contentOf([...(b.who ?? [])].sort()) &&
  (a.does !== 'own' || a.note === b.note) &&
  (!a.at || !b.at || a.at.action === b.at.action);

/** The same screen was played another way earlier on the line. */
function against(seen: readonly ReadSeen[], frame: Frame, read: Read): Said | null {
  const i = seen.findIndex((r) => r.frame === frame.id);
  const action = seen[i]?.action?.action.id;
  if (action === undefined || !COVERAGES.has(read.does)) return null;
  const other = seen
    .slice(0, i)
    .find((r) => r.action?.action.id === action && COVERAGES.has(r.read.does) && r.read.does !== read.does);
  return other ? said('read-against', { read, before: other.read }) : null;
}
