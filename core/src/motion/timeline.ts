import type { PlayerId } from '../alignment/library.ts';
import type { Curve } from '../geometry/curve.ts';
import type { Point } from '../geometry/vec.ts';
import type { Action, Cue } from '../play/document.ts';

export type EventName = Exclude<NonNullable<Cue['event']>, 'at'>;

/** When one action happens, in seconds from the start of the play. */
export interface TimedAction {
  readonly action: Action;
  readonly frame: string;
  readonly start: number;
  readonly end: number;
  readonly events: Readonly<Partial<Record<EventName, number>>>;
  /** The line he runs, when he runs. */
  readonly curve: Curve | null;
}

export interface Flight {
  readonly action: string;
  readonly from: Point;
  readonly to: Point;
  readonly release: number;
  readonly arrive: number;
  readonly passer: PlayerId;
  /** Null when the ball goes to the rim. */
  readonly receiver: PlayerId | null;
  /** Height above the straight line at its middle, feet. */
  readonly arc: number;
}

/** A set screen: a shoulder-wide capsule across `angle`, standing from `set` to `left`. */
export interface ScreenBody {
  readonly action: string;
  readonly by: PlayerId;
  readonly user: PlayerId;
  readonly at: Point;
  readonly angle: number;
  readonly set: number;
  readonly left: number;
}

/** Who has the ball from when on; null while it flies. */
export interface Possession {
  readonly from: number;
  readonly holder: PlayerId | null;
  readonly dribbling: boolean;
}

export interface Fault {
  readonly code: 'cue-circle' | 'cue-lost';
  readonly actions: readonly string[];
  readonly sentence: string;
}

/** Everything about a line of frames in time. Positions are read with `positionAt`. */
export interface Timeline {
  readonly actions: readonly TimedAction[];
  readonly bars: readonly { readonly frame: string; readonly start: number; readonly end: number }[];
  readonly flights: readonly Flight[];
  readonly screens: readonly ScreenBody[];
  readonly possessions: readonly Possession[];
  /** Per player, his moves in order of time. */
  readonly moves: Readonly<Record<PlayerId, readonly TimedAction[]>>;
  readonly starts: Readonly<Record<PlayerId, Point>>;
  readonly criticalPath: readonly string[];
  readonly end: number;
}

/** Fixed-step samples of five bodies and the ball: what animation, files and the models read. */
export interface Track {
  readonly dt: number;
  readonly steps: number;
  readonly bodies: 5 | 10;
  readonly x: Float64Array;
  readonly y: Float64Array;
  /** Degrees counter-clockwise from +x. */
  readonly facing: Float64Array;
  readonly ballX: Float64Array;
  readonly ballY: Float64Array;
  readonly ballHeight: Float64Array;
  /** Index of the holder, −1 in flight. */
  readonly holder: Int8Array;
  readonly events: readonly { readonly t: number; readonly action: string; readonly event: EventName }[];
}
