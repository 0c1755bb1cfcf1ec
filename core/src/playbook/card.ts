import { byPlayer } from '../alignment/library.ts';
import type { Action, Play } from '../play/document.ts';
import { screenAngle } from '../play/kinds.ts';
import { holderOf, walkLine } from '../play/state.ts';
import { mainLine } from '../play/tree.ts';

/**
 * The play's one picture: the frame in which most happens (the first of equals), as a document of a
 * single frame that starts there. Screen angles are fixed, since the frame after is not in it.
 */
export function cardOf(play: Play): Play {
  const walks = walkLine(play, mainLine(play));
  let best = 0;
  walks.forEach((w, i) => {
    if (w.steps.length > walks[best]!.steps.length) best = i;
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
