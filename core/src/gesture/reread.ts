import { distance } from '../geometry/vec.ts';
import type { NewAction } from '../play/change.ts';
import type { Action, Verb } from '../play/document.ts';
import { playerAt } from '../play/kinds.ts';
import { holderOf, pathOf, type FrameWalk } from '../play/state.ts';
import { ON_MAN, propose } from './propose.ts';

/** What a stroke could have meant as well: those among which a wrong guess is changed. */
const STROKES: readonly Verb[] = ['cut', 'dribble', 'screen', 'seal', 'handoff', 'pass', 'fake'];

/**
 * The same stroke read as another verb: who, where and when stay, what it is changes. Null when it can't be
 * read so: then the verb is the man's next one. `walk` is the frame that holds the action.
 */
export function reread(walk: FrameWalk, action: Action, verb: Verb): NewAction | null {
  const step = walk.steps.find((s) => s.action.id === action.id);
  if (!step || verb === action.does || !STROKES.includes(verb) || !STROKES.includes(action.does)) return null;
  const { by } = action;
  const { before } = step;
  const has = holderOf(before) === by;
  const withBall: readonly Verb[] = ['dribble', 'handoff', 'pass'];
  if (verb !== 'fake' && has !== withBall.includes(verb)) return null;
  const to = manOf(action);
  const end = pathOf(action).at(-1) ?? (to ? before.places[to] : before.places[by]);
  const man = to ?? playerAt(before.places, end, ON_MAN, by);
  if (!man && verb !== 'cut' && verb !== 'dribble' && verb !== 'seal') return null;
  // A man who was meant is left where the stroke ends beside him.
  const at = man && verb === 'cut' && distance(before.places[man], end) > ON_MAN ? before.places[man] : end;
  const earlier = { ...walk, steps: walk.steps.slice(0, walk.steps.indexOf(step)), after: before };
  const said = verb === 'cut' || verb === 'dribble' || verb === 'seal' ? undefined : man;
  const read = propose(earlier, { who: by, at, ball: false, verb, to: said });
  if (!read) return null;
  const kept = { ...(action.cue ? { cue: action.cue } : {}), ...(action.note ? { note: action.note } : {}) };
  const bends = pathOf(action).slice(0, -1);
  const path = 'path' in read && read.path && bends.length > 0 ? { path: [...bends, ...read.path] } : {};
  return { ...read, ...path, ...kept } as NewAction;
}

const manOf = (a: Action) =>
  a.does === 'pass' || a.does === 'handoff'
    ? a.to
    : a.does === 'screen'
      ? a.for
      : a.does === 'fake'
        ? a.to
        : undefined;
