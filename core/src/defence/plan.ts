import type { Five, None, Seat } from '../geometry/five.ts';
import type { POSTS } from '../play/vocabulary.ts';
import type { Act } from './reads.ts';
import type { ZoneKey } from './zone/tables.ts';

/** What five defenders set out to do, ready to simulate: indices for numbers, every gap filled. */
export const ON_BALL_COVERAGES = [
  'drop',
  'level',
  'show',
  'under',
  'switch',
  'trap',
  'push',
  'stay',
] as const;
export const OFF_BALL_COVERAGES = ['trail', 'under', 'switch', 'topLock', 'bump', 'stay'] as const;
export const HELPS = ['none', 'weakCorner', 'top', 'strongCorner', 'rotation'] as const;
export type OnBall = (typeof ON_BALL_COVERAGES)[number];
export type OffBall = (typeof OFF_BALL_COVERAGES)[number];
export type Help = (typeof HELPS)[number];
type Post = (typeof POSTS)[number];

export interface ManPlan {
  readonly type: 'man';
  /** Player index each defender guards. */
  readonly guards: Five<Seat>;
  readonly onBall: OnBall;
  readonly offBall: OffBall;
  readonly handoff: OnBall;
  readonly help: Help;
  /** Whom each denies the ball: 1 for every defender that denies. */
  readonly denies: Uint8Array;
  readonly post: Post;
  /** Defenders who watch the ball and lose their man behind their heads. */
  readonly watches: Uint8Array;
  /** Whether a beaten man gets help. */
  readonly driveHelp: boolean;
  /** Dribbles that the man on the ball reads late: an attack of a close-out, a fake before it. Seconds. */
  readonly lateReads: readonly { readonly player: number; readonly from: number; readonly seconds: number }[];
  /** Coverages by the screen's or handoff's action id. */
  readonly per: Readonly<Record<string, OnBall | OffBall>>;
  /** Help, tag and post as they are told for one action, from when to when; null and −1 as usual. */
  readonly own: readonly Own[];
  /** The thrower-in whose man plays off him, and until when (s); null when he is on him. */
  readonly offThrower: { readonly player: Seat; readonly until: number } | null;
  /** What single men are seen to do by the reads of the line. */
  readonly acts: readonly Act[];
  /** Where a defender starts, when not where his rule puts him: x, y per defender, NaN where not. */
  readonly start?: Float64Array;
}

/** How one action is met otherwise: seconds, and the player whose man it is about. */
export interface Own {
  readonly action: string;
  readonly from: number;
  readonly to: number;
  readonly player: Seat;
  readonly help: Help | null;
  readonly post: Post | null;
  readonly tag: Seat | None;
}

export interface ZonePlan {
  readonly type: 'zone';
  readonly zone: ZoneKey;
  /** Keys of the alternatives it plays. */
  readonly schools: readonly string[];
  /** For each defender the player he chases, or −1. */
  readonly chases: Five<Seat | None>;
  /** What its men are seen to do by the reads of the line. */
  readonly acts: readonly Act[];
}
export type Plan = ManPlan | ZonePlan;
