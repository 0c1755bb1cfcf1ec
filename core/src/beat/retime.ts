import { polyline } from '../geometry/curve.ts';
import type { LevelRecord } from '../motion/level.ts';
import { runAlong } from '../motion/run.ts';
import type { TimedAction, Timeline } from '../motion/timeline.ts';
import type { ActionPatch, Change } from '../play/change.ts';
import type { Action, Cue, Tempo } from '../play/document.ts';
import { TEMPOS } from '../play/vocabulary.ts';

/** Times on a sheet are set to a hundredth of a second. */
const tidy = (s: number): number => Math.round(s * 100) / 100;

const withAction = ({ id }: Action, set: ActionPatch): Change => ({ do: 'patchAction', id, set });

const find = (timeline: Timeline, id: string): TimedAction | undefined =>
  timeline.actions.find((a) => a.action.id === id);

/** The cue that makes an action start at a moment: what it waits for stays, the delay changes. Null when there is no such action. */
export function startAt(timeline: Timeline, id: string, start: number): Change | null {
  const timed = find(timeline, id);
  if (!timed) return null;
  const { cue } = timed.action;
  const tie = timeline.ties.find((t) => t.to === id && t.by === 'coach');
  const bar = timeline.bars.find((b) => b.frame === timed.frame);
  if (cue && tie && cue.on !== 'frame')
    return withAction(timed.action, { cue: { ...cue, delay: tidy(start - (tie.at - (cue.delay ?? 0))) } });
  return withAction(timed.action, { cue: { on: 'frame', delay: tidy(start - (bar?.start ?? 0)) } });
}

/** The moment of an action that others most often wait for (common practice): the screen set, the pass in the air, the first bounce. */
function momentOf(action: Action): NonNullable<Cue['event']> {
  switch (action.does) {
    case 'screen':
      return action.slip ? 'end' : 'set';
    case 'pass':
    case 'shot':
      return 'release';
    case 'handoff':
      return 'catch';
    case 'dribble':
      return 'firstDribble';
    default:
      return 'end';
  }
}

/** The cue that starts one action on another: when the screen is set, the ball caught, the run ended. */
export function tieTo(timeline: Timeline, from: string, to: string): Change | null {
  const [a, b] = [find(timeline, from), find(timeline, to)];
  return a && b && a !== b ? withAction(b.action, { cue: { on: from, event: momentOf(a.action) } }) : null;
}

/** The action without the coach's cue: it starts as anybody would take for granted. */
export function untie(timeline: Timeline, id: string): Change | null {
  const timed = find(timeline, id);
  if (!timed?.action.cue) return null;
  return { do: 'patchAction', id, unset: ['cue'] };
}

/** The tempo at which a run comes nearest to lasting so many seconds. */
export function tempoFor(timed: TimedAction, level: LevelRecord, seconds: number): Tempo | null {
  const { run, action } = timed;
  if (!run || run.length === 0) return null;
  const curve = polyline(Array.from(run.x, (x, i) => ({ x, y: run.y[i]! })));
  const lasts = (tempo: Tempo) =>
    runAlong(curve, level, { tempo, dribbling: action.does === 'dribble' }).duration;
  return TEMPOS.reduce((best, t) =>
    Math.abs(lasts(t) - seconds) < Math.abs(lasts(best) - seconds) ? t : best,
  );
}

/** The change that makes a run last about so long; null for what is not run, or keeps its tempo. */
export function lastFor(timeline: Timeline, level: LevelRecord, id: string, seconds: number): Change | null {
  const timed = find(timeline, id);
  const tempo = timed && tempoFor(timed, level, seconds);
  if (!timed || !tempo || !('path' in timed.action) || timed.action.does === 'seal') return null;
  const now = ('tempo' in timed.action ? timed.action.tempo : undefined) ?? 'cut';
  return tempo === now && !('stretches' in timed.action)
    ? null
    : { do: 'patchAction', id, set: { tempo }, unset: ['stretches'] };
}
