import type { PlayerId } from '../alignment/library.ts';
import type { Court } from '../court/court.ts';
import type { Said } from '../language/said.ts';
import type { Point } from '../geometry/vec.ts';
import type { Against } from '../look/against.ts';
import type { LevelRecord } from '../motion/level.ts';
import type { Fault, Timeline } from '../motion/timeline.ts';
import type { Play } from '../play/document.ts';
import type { Change } from '../play/change.ts';
import type { FrameWalk } from '../play/state.ts';
import type { Moment } from '../motion/moments.ts';
import type { Teaching } from './teaching.ts';

/** illegal · breaks the play · costs an advantage · good to know, the gravest first. */
export const SEVERITIES = ['illegal', 'breaks', 'costs', 'know'] as const;
type Severity = (typeof SEVERITIES)[number];

export const GROUPS = {
  ball: 'The ball',
  law: 'The rules',
  cues: 'Cues',
  screens: 'Screens',
  passes: 'Passes',
  spacing: 'Spacing',
  idle: 'Jobs',
  shot: 'The shot',
  zone: 'Against a zone',
  defence: 'Against the defence',
  document: 'What a play can hold',
} as const;
export type Group = keyof typeof GROUPS;

/** Something drawn on the court to show what a sentence says. */
export type Mark =
  | { readonly is: 'distance'; readonly a: Point; readonly b: Point; readonly words: string }
  | {
      readonly is: 'angle';
      readonly at: Point;
      readonly from: number;
      readonly to: number;
      readonly words: string;
    }
  | { readonly is: 'place'; readonly at: Point };

/** A plain way to put it right, in words and as changes to the play. */
export interface Mend {
  readonly says: Said;
  readonly words: string;
  readonly changes: readonly Change[];
}

/** The same before anybody made words of it. */
export type Bare<T> = T extends unknown ? Omit<T, 'words'> : never;

/** A coach's sentence about the play: who, where, when, how much, and how to mend it where that is plain. */
export interface Finding {
  readonly code: string;
  readonly group: Group;
  readonly severity: Severity;
  readonly frame: string;
  readonly action?: string;
  readonly players: readonly PlayerId[];
  readonly place: Point;
  /** Seconds from the start of the play. */
  readonly time: number;
  readonly says: Said;
  readonly sentence: string;
  readonly marks: readonly Mark[];
  readonly mends: readonly Mend[];
  /** The same for as long as its cause is the same, whatever words it is told in; with the code it names a silenced finding. */
  readonly cause: string;
  /** The frame with the read of the ending it is told on; of the main line none. */
  readonly ending?: string;
  /** The coach's reason for silencing it. */
  readonly silenced?: string;
}

/** What a check says; the registry adds the rest. */
export type Told = Omit<
  Finding,
  'code' | 'group' | 'cause' | 'ending' | 'sentence' | 'marks' | 'mends' | 'silenced'
> & {
  readonly marks?: readonly Bare<Mark>[];
  readonly mends?: readonly Bare<Mend>[];
};

export interface CheckInput {
  readonly play: Play;
  readonly court: Court;
  readonly level: LevelRecord;
  readonly walks: readonly FrameWalk[];
  readonly timeline: Timeline;
  readonly faults: readonly Fault[];
  /** The floor ten times a second. */
  readonly moments: readonly Moment[];
  readonly teaching: Teaching;
  /** The line against a defence, when one is chosen. */
  readonly against: Against | null;
}

export interface Check {
  readonly code: string;
  readonly group: Group;
  /** What it makes sure of, for the list of checks. */
  readonly words: string;
  /** The limit it measures against, as a coach would say it. */
  readonly limit: string;
  readonly source: 'rule books, from memory' | 'common practice' | 'from memory';
  readonly run: (input: CheckInput) => readonly Told[];
}
