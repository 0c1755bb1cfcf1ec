import { courtFor } from '../court/rulesets.ts';
import { nearestSpot, isSpotKey, spotByKey } from '../court/spots.ts';
import { cutKind, dribbleKind, passKind, screenKind } from '../play/kinds.ts';
import type { Play } from '../play/document.ts';
import { walkLine, type FrameWalk, type Step } from '../play/state.ts';
import { leaves, lineTo } from '../play/tree.ts';
import { isTermKey, type TermKey } from './dictionary.ts';

/** A man within this of a spot is at it, as captions have it (feet). */
const AT = 6;

/** The words of the trade that a play is told with: what is done, where, and what they do. */
export function termsOf(play: Play): TermKey[] {
  const found = new Set<string>();
  const seen = new Set<string>();
  for (const { id } of leaves(play)) {
    const walks = walkLine(play, lineTo(play, id));
    walks.forEach((walk, i) => {
      if (seen.has(walk.frame.id)) return;
      seen.add(walk.frame.id);
      const { read } = walk.frame;
      if (read)
        for (const p of ['coverage', 'read']) found.add(`${p}.${read.does === 'helps' ? 'help' : read.does}`);
      for (const key of termsIn(play, walk, walks.slice(0, i))) found.add(key);
    });
  }
  for (const a of play.against) found.add(`zone.${a}`);
  for (const s of play.situation) found.add(`when.${s}`);
  return [...found].filter(isTermKey).sort();
}

/** The words one frame is told with. */
export const termsIn = (play: Play, walk: FrameWalk, earlier: readonly FrameWalk[]): TermKey[] =>
  walk.steps.flatMap((step) => [kindOf(play, walk, step, earlier), placeOf(play, step)].filter(isTermKey));

function kindOf(play: Play, walk: FrameWalk, step: Step, earlier: readonly FrameWalk[]): string {
  const court = courtFor(play);
  const { action: a } = step;
  const said = (general: string, kind: string | null | undefined): string =>
    kind ? `${general}.${kind}` : general;
  switch (a.does) {
    case 'pass':
      return `pass.${passKind({ ...step, action: a })}`;
    case 'cut':
      return said('cut', cutKind(court, walk, { ...step, action: a }, earlier));
    case 'dribble':
      return said('dribble', dribbleKind(court, { ...step, action: a }));
    case 'screen':
      return said('screen', screenKind(court, walk, { ...step, action: a }));
    case 'seal':
      return 'sealOff';
    default:
      return a.does;
  }
}

/** Where it leads. */
function placeOf(play: Play, { action, after }: Step): string {
  const place = after.places[action.by];
  const spot = place.spot && isSpotKey(place.spot) ? spotByKey(place.spot) : undefined;
  if (spot) return `spot.${spot.family}`;
  const near = nearestSpot(courtFor(play), place);
  return near.distance <= AT ? `spot.${near.spot.family}` : '';
}
