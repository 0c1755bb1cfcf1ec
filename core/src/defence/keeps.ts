import type { PlayerId } from '../alignment/library.ts';
import { distance, type Point } from '../geometry/vec.ts';
import { nearestOnRun, timeTo } from '../motion/run.ts';
import type { TimedAction, Timeline } from '../motion/timeline.ts';
import { positionAt } from '../motion/track.ts';
import type { Rails } from './rails.ts';

/** A handoff that is shown and not given: who runs for it, who keeps the ball and goes. */
export interface Keep {
  /** The action it is told by: the fake, or the run that comes for the ball. */
  readonly action: string;
  readonly runner: PlayerId;
  readonly keeper: PlayerId;
  /** Where the keeper is, and when the runner sets out, is nearest to him, and when he goes with the ball; seconds. */
  readonly place: Point;
  readonly starts: number;
  readonly at: number;
  readonly goes: number;
}

/** A run this near to the ball looks like one for a handoff (feet); its keeper goes within so long of it (s). */
const SHOWN = 4.5;
const GOES_WITHIN = 0.5;
/** He comes for it from at least so much farther off (feet): who only leaves does not. */
const COMES = 3;

/**
 * Every handoff of a line that is shown and kept: a run that comes close by the man with the ball where he stands or stops,
 * who then goes with it himself. Nothing else was for the runner: no pass, no screen, no handoff.
 */
export function keepsOf({ timeline }: Pick<Rails, 'timeline'>): Keep[] {
  const drives = timeline.actions.filter((a) => a.action.does === 'dribble');
  return timeline.actions.flatMap((run): Keep[] => {
    if (run.action.does !== 'cut' || !run.run || wanted(timeline, run)) return [];
    for (const d of drives) {
      const { by: keeper } = d.action;
      if (keeper === run.action.by) continue;
      const place = positionAt(timeline, keeper, d.start);
      const near = nearestOnRun(run.run, place.x, place.y);
      const at = run.start + timeTo(run.run, near.s);
      const comes = distance(positionAt(timeline, run.action.by, run.start), place) - near.distance;
      if (near.distance > SHOWN || comes < COMES || d.start < at - GOES_WITHIN || d.start > at + GOES_WITHIN)
        continue;
      if (!holds(timeline, keeper, at) || distance(positionAt(timeline, keeper, at), place) > SHOWN) continue;
      const fake = timeline.actions.find(
        ({ action, start }) =>
          action.does === 'fake' && action.of === 'handoff' && action.by === keeper && start <= d.start,
      );
      return [
        {
          action: fake?.action.id ?? run.action.id,
          runner: run.action.by,
          keeper,
          place,
          starts: run.start,
          at,
          goes: d.start,
        },
      ];
    }
    return [];
  });
}

/** A pass, a screen or a handoff is for the runner of this run. */
function wanted(timeline: Timeline, { action, start, end }: TimedAction): boolean {
  const { by } = action;
  return timeline.actions.some(
    (a) =>
      ((a.action.does === 'pass' || a.action.does === 'handoff') &&
        a.action.to === by &&
        a.start < end &&
        a.end > start) ||
      (a.action.does === 'screen' && a.action.for === by && a.end > start - 1 && a.start < end),
  );
}

const holds = (timeline: Timeline, player: PlayerId, t: number): boolean =>
  timeline.possessions.findLast((p) => p.from <= t + 1e-9)?.holder === player;
