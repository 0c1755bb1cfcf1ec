import { byPlayer } from '../alignment/library.ts';
import type { Action, Play, Verb } from '../play/document.ts';
import { screenAngle } from '../play/kinds.ts';
import { holderOf, walkLine, type FrameWalk } from '../play/state.ts';
import { mainLine } from '../play/tree.ts';

/** How much a line tells of what play it is: two who meet tell most, a man who stands nothing. */
const TELLS: Readonly<Record<Verb, number>> = {
  screen: 4,
  handoff: 4,
  pass: 2,
  shot: 2,
  dribble: 2,
  seal: 2,
  cut: 1.5,
  fake: 1,
  hold: 0,
};
/** From so many lines on a small picture is harder to read with each. */
const FULL = 5;

const telling = ({ steps }: FrameWalk): number =>
  steps.reduce((n, s) => n + TELLS[s.action.does], 0) - Math.max(0, steps.length - FULL) * 2;

/**
 * The play's one picture: its most telling frame (the first of equals), as a document of a single frame
 * that starts there. Screen angles are fixed, since the frame after is not in it.
 */
export function cardOf(play: Play): Play {
  const walks = walkLine(play, mainLine(play));
  let best = 0;
  walks.forEach((w, i) => {
    if (telling(w) > telling(walks[best]!)) best = i;
  });
  const walk = walks[best]!;
  const actions = walk.steps.map((s): Action =>
    s.action.does === 'screen'
      ? { ...s.action, angle: screenAngle(walk, { ...s, action: s.action }, walks[best + 1]) }
      : s.action,
  );
  const { format, version, id, court, customCourt, level } = play;
  return {
    ...{ format, version, id, court, level, name: '', against: [], situation: [] },
    ...(customCourt ? { customCourt } : {}),
    start: { places: byPlayer((p) => walk.before.places[p]), ball: holderOf(walk.before) ?? play.start.ball },
    frames: [{ id: walk.frame.id, parent: null, actions }],
  };
}
