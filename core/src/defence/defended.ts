import type { Rails } from './rails.ts';

/** A drawn run that goes through a defender: who, whom, from when, for how long (s). */
export interface Blocked {
  readonly player: number;
  readonly defender: number;
  readonly from: number;
  readonly seconds: number;
}

/** A moment of the defence worth naming. */
export interface DefenceEvent {
  readonly t: number;
  readonly is: 'switch' | 'tag' | 'help' | 'noHelper';
  /** Screen or handoff it belongs to. */
  readonly action?: string;
  readonly defender: number;
  readonly player: number;
}

/** How one screen or handoff was met: by whom, and when its two men saw it coming, played it, chased, and were done. */
export interface CoverageSeen {
  readonly action: string;
  readonly does: string;
  readonly onBall: boolean;
  readonly userMan: number;
  readonly screenerMan: number;
  /** Seconds; Infinity for what did not come. */
  readonly alert: number;
  readonly use: number;
  readonly after: number;
  readonly done: number;
}

/** Five defenders against the rails. */
export interface Defended {
  readonly type: 'man' | 'zone';
  readonly rails: Rails;
  /** Five per step: a defender's place and speed, whom he guards and attends to (−1 nobody), and seconds he is held up. */
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly vx: Float64Array;
  readonly vy: Float64Array;
  readonly guards: Int8Array;
  readonly attends: Int8Array;
  readonly held: Float64Array;
  readonly events: readonly DefenceEvent[];
  /** Of a man defence: its coverages and their phases. */
  readonly coverages: readonly CoverageSeen[];
  readonly blocked: readonly Blocked[];
}
