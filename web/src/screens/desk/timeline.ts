import { frameAt, leaves, lineThrough, type Play, type Timeline } from '@corkscrew/core';
import { useEffect } from 'react';
import { lineInTime } from '../../questions/lines.ts';
import { lineView, useDesk, type Desk } from './store.ts';

/** The line on the desk in time, with the men who play on it; computed once for its content. */
export function timelineOf(play: Play, branch: string, frameId: string): Timeline {
  const { fives } = useDesk.getState();
  return lineInTime(play, lineView(play, branch, frameId).line.at(-1)!.id, fives).compiled.timeline;
}

export function useTimeline(): Timeline {
  const play = useDesk((s) => s.play);
  const branch = useDesk((s) => s.branch);
  const frameId = useDesk((s) => s.frameId);
  // Who plays decides how long it takes.
  useDesk((s) => s.fives);
  return timelineOf(play, branch, frameId);
}

/** The time shown: the playhead's, or where the frame on the court starts. */
export function useNow(): number {
  const timeline = useTimeline();
  const time = useDesk((s) => s.time);
  const frameId = useDesk((s) => s.frameId);
  return time ?? timeline.bars.find((b) => b.frame === frameId)?.start ?? 0;
}

const reducedMotion = (): boolean => matchMedia('(prefers-reduced-motion: reduce)').matches;

export function seek(t: number): void {
  const s = useDesk.getState();
  const timeline = timelineOf(s.play, s.branch, s.frameId);
  const time = Math.max(0, Math.min(timeline.end, t));
  useDesk.setState({ time, frameId: frameAt(timeline, time), pending: null, actionId: null, shown: null });
}

/** Starts, or stops where it is. At the end it starts over. */
export function toggleRun(): void {
  const s = useDesk.getState();
  useDesk.setState({ tour: null });
  if (s.running) {
    useDesk.setState({ running: false });
    return;
  }
  const timeline = timelineOf(s.play, s.branch, s.frameId);
  const bar = timeline.bars.find((b) => b.frame === s.frameId);
  const from = s.time ?? bar?.start ?? 0;
  useDesk.setState({
    running: true,
    time: from >= timeline.end - 0.01 ? 0 : from,
    pending: null,
    actionId: null,
    placing: false,
    shown: null,
  });
}

/** Runs one ending after another, each with what it answers said first. */
export function playAllAnswers(): void {
  const { play } = useDesk.getState();
  const [first, ...rest] = leaves(play).map((f) => f.id);
  if (first === undefined) return;
  useDesk.setState({
    branch: first,
    frameId: play.frames[0]!.id,
    time: 0,
    running: true,
    tour: rest,
    pending: null,
    actionId: null,
    placing: false,
    shown: null,
  });
}

/** An ending begins so long before its fork, and is announced for so long (s). */
const LEAD = 1;
const ANNOUNCED = 1.2;

/** The next ending of all: its line, from a moment before it parts from the one that was shown. */
function nextOfTour(play: Play, branch: string, tour: readonly string[]): Partial<Desk> | null {
  const [next, ...rest] = tour;
  if (next === undefined) return null;
  const shown = new Set(lineThrough(play, branch).map((f) => f.id));
  const { timeline } = lineInTime(play, next, useDesk.getState().fives).compiled;
  const fork = timeline.bars.find((b) => !shown.has(b.frame))?.start ?? 0;
  const time = Math.max(0, fork - LEAD);
  return { branch: next, tour: rest, time, frameId: frameAt(timeline, time) };
}

/** How long a step holds when the reader wants no movement (seconds). */
const STEP_HOLD = 0.6;

/** Moves the playhead while the play runs. One instance on the desk. */
export function useRunning(): void {
  const running = useDesk((s) => s.running);
  useEffect(() => {
    if (!running) return undefined;
    let last = performance.now();
    let handle = requestAnimationFrame(tick);
    let held = 0;
    let pause = 0;
    function tick(now: number) {
      const s = useDesk.getState();
      const timeline = timelineOf(s.play, s.branch, s.frameId);
      const dt = Math.min(0.1, (now - last) / 1000) * s.speed;
      last = now;
      if (pause > 0) {
        pause -= dt;
        handle = requestAnimationFrame(tick);
        return;
      }
      let t = s.time ?? 0;
      if (reducedMotion()) {
        held += dt;
        if (held < STEP_HOLD) {
          handle = requestAnimationFrame(tick);
          return;
        }
        held = 0;
        t = timeline.bars.find((b) => b.end > t + 1e-6)?.end ?? timeline.end;
      } else t += dt;
      if (t >= timeline.end) {
        const next = s.tour && nextOfTour(s.play, s.branch, s.tour);
        if (next) {
          useDesk.setState(next);
          pause = ANNOUNCED;
          handle = requestAnimationFrame(tick);
          return;
        }
        if (s.loop && timeline.end > 0 && !s.tour) t = 0;
        else {
          useDesk.setState({
            time: timeline.end,
            running: false,
            tour: null,
            frameId: frameAt(timeline, timeline.end),
          });
          return;
        }
      }
      useDesk.setState({ time: t, frameId: frameAt(timeline, t) });
      handle = requestAnimationFrame(tick);
    }
    return () => cancelAnimationFrame(handle);
  }, [running]);
}
