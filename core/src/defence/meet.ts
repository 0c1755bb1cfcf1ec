import type { PlayerId } from '../alignment/library.ts';
import type { Point } from '../geometry/vec.ts';
import type { ScreenBody, Timeline } from '../motion/timeline.ts';
import { OFF_BALL_COVERAGES, ON_BALL_COVERAGES, type ManPlan, type OffBall, type OnBall } from './plan.ts';

/** A screen nobody uses is decided this long after its user's first move (s). */
const UNUSED = 0.35;

/** When a screen's user starts to use it and comes by it, seconds, and whether he has the ball then. */
export function screenUse(
  timeline: Timeline,
  s: ScreenBody,
): { readonly starts: number; readonly uses: number; readonly onBall: boolean } {
  const use = s.used && timeline.actions.find((a) => a.action.id === s.used!.action);
  const first = timeline.moves[s.user].find((m) => m.start >= s.arrive - 0.3);
  const starts = use?.start ?? first?.start ?? Infinity;
  const uses = s.used?.at ?? starts + UNUSED;
  // Who never moves for it has the ball or not when it is there.
  const at = Number.isFinite(starts) ? Math.max(starts, Math.min(uses, timeline.end)) : s.arrive;
  const onBall = holderAt(timeline, at) === s.user;
  return { starts, uses, onBall };
}

/** Who has the ball at time t; nobody while it flies, to whomever: a man it flies to comes off a screen away from it. */
const holderAt = (timeline: Timeline, t: number): PlayerId | null =>
  timeline.possessions.findLast((p) => p.from <= t + 1e-9)?.holder ?? null;

const waysOf = (onBall: boolean): readonly (OnBall | OffBall)[] =>
  onBall ? ON_BALL_COVERAGES : OFF_BALL_COVERAGES;

const usualOf = (plan: ManPlan, onBall: boolean, handoff: boolean): OnBall | OffBall =>
  handoff ? plan.handoff : onBall ? plan.onBall : plan.offBall;

/** What is asked for on this one, as far as it fits: an on-ball word on the ball, an off-ball word away from it. */
const ownOf = (plan: ManPlan, action: string, onBall: boolean): OnBall | OffBall | undefined =>
  waysOf(onBall).find((c) => c === plan.per[action]);

/** The coverage played on a screen or handoff: its own, else as they play all. */
export const coverageOf = (
  plan: ManPlan,
  action: string,
  onBall: boolean,
  handoff: boolean,
): OnBall | OffBall => ownOf(plan, action, onBall) ?? usualOf(plan, onBall, handoff);

/** A screen or handoff of a line and how a defence plays it. */
export interface Met {
  readonly action: string;
  readonly frame: string;
  readonly by: PlayerId;
  readonly user: PlayerId;
  readonly is: 'screen' | 'handoff';
  readonly at: Point;
  readonly does: OnBall | OffBall;
  /** As they play all; `does` is otherwise when `own` is set. */
  readonly usual: OnBall | OffBall;
  readonly own: boolean;
  /** What can be played here. */
  readonly ways: readonly (OnBall | OffBall)[];
}

/** How a man defence plays every screen and handoff of a line, in order of their starts. */
export function coveragesMet(timeline: Timeline, plan: ManPlan): Met[] {
  return timeline.actions.flatMap(({ action, frame }): Met[] => {
    const handoff = action.does === 'handoff';
    const body = timeline.screens.find((s) => s.action === action.id);
    const at = handoff ? timeline.meetings.find((m) => m.action === action.id)?.place : body?.at;
    const user = handoff ? action.to : body?.user;
    if (!at || !user || user === action.by) return [];
    const onBall = handoff || screenUse(timeline, body!).onBall;
    const usual = usualOf(plan, onBall, handoff);
    const own = ownOf(plan, action.id, onBall);
    return [
      {
        action: action.id,
        frame,
        by: action.by,
        user,
        is: handoff ? 'handoff' : 'screen',
        at,
        does: own ?? usual,
        usual,
        own: own !== undefined,
        ways: waysOf(onBall),
      },
    ];
  });
}
