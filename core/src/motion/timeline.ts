import type { PlayerId } from '../alignment/library.ts';
import type { Said } from '../language/said.ts';
import type { Point } from '../geometry/vec.ts';
import type { Action, Cue } from '../play/document.ts';
import type { PassKind } from './level.ts';
import type { Run } from './run.ts';

export type EventName = Exclude<NonNullable<Cue['event']>, 'at'>;

/** When one action happens, in seconds from the start of the play. */
export interface TimedAction {
  readonly action: Action;
  readonly frame: string;
  readonly start: number;
  readonly end: number;
  readonly events: Readonly<Partial<Record<EventName, number>>>;
  /** The way he runs, when he runs. */
  readonly run: Run | null;
  /** Seconds it could be later without making the play longer. */
  readonly slack: number;
}

/** What starts an action: a moment of another one, by the coach's word or as a coach would take it for granted. */
export interface Tie {
  readonly from: string;
  readonly event: EventName | 'at';
  readonly to: string;
  readonly by: 'coach' | 'inferred';
  /** The moment waited for, with its delay, seconds from the start of the play. */
  readonly at: number;
  /** True when this is what held the action, and nothing else did longer. */
  readonly binds: boolean;
}

/** Two who should be in one place at one moment: the ball and its receiver, a screen and its user, both men of a handoff. */
export interface Meeting {
  readonly kind: 'pass' | 'screen' | 'handoff';
  readonly action: string;
  readonly players: readonly [PlayerId, PlayerId];
  /** When the first of `players` is ready (ball caught, screen set, giver there), and when the second is there. */
  readonly first: number;
  readonly second: number;
  readonly place: Point;
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
  /** How a pass flies; null for a shot. */
  readonly kind: PassKind | null;
  /** How high it leaves and comes down, and how much it rises over the straight line at its middle; feet. */
  readonly high: { readonly from: number; readonly to: number; readonly arc: number };
}

/** A set screen: a shoulder-wide capsule across `angle`, standing from `set` to `left`. */
export interface ScreenBody {
  readonly action: string;
  readonly by: PlayerId;
  readonly user: PlayerId;
  readonly at: Point;
  /** Degrees counter-clockwise from +x: the way the screener's back faces. */
  readonly angle: number;
  readonly arrive: number;
  readonly set: number;
  readonly left: number;
  /** When the user is nearest to it, how near (feet), and which of his actions that is; null when nobody comes by. */
  readonly used: { readonly at: number; readonly distance: number; readonly action: string } | null;
  /** He leaves before contact and is never set. */
  readonly slip: boolean;
}

/** Who has the ball from when on; null while it flies. */
export interface Possession {
  readonly from: number;
  readonly holder: PlayerId | null;
  readonly dribbling: boolean;
}

export interface Fault {
  readonly code: 'cue-circle' | 'cue-lost' | 'cue-event' | 'cue-held';
  readonly actions: readonly string[];
  readonly says: Said;
}

/** Everything about a line of frames in time. Positions are read with `positionAt`. */
export interface Timeline {
  /** In order of their starts. */
  readonly actions: readonly TimedAction[];
  readonly bars: readonly { readonly frame: string; readonly start: number; readonly end: number }[];
  readonly ties: readonly Tie[];
  readonly meetings: readonly Meeting[];
  readonly flights: readonly Flight[];
  readonly screens: readonly ScreenBody[];
  readonly possessions: readonly Possession[];
  /** Per player, his moves in order of time. */
  readonly moves: Readonly<Record<PlayerId, readonly TimedAction[]>>;
  readonly starts: Readonly<Record<PlayerId, Point>>;
  /** The actions that make the play as long as it is, in order. */
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
  /** Feet above the floor. */
  readonly ballHeight: Float64Array;
  /** Index of the holder, −1 in flight. */
  readonly holder: Int8Array;
  readonly events: readonly { readonly t: number; readonly action: string; readonly event: EventName }[];
}
