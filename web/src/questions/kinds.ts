import type { WhoPlays } from './men.ts';
import {
  type AgainstOne,
  type AgainstView,
  type AnswerProposal,
  type Cell,
  type Compiled,
  type Course,
  type Defence,
  type Dictionary,
  type Evening,
  type Finding,
  type Five,
  type InstallPlan,
  type InstallTeam,
  type Leaves,
  type LookIn,
  type LookWorth,
  type Level,
  type ManWord,
  type Metrics,
  type None,
  type PlaceRules,
  type Play,
  type PlayerId,
  type Point,
  type PointOnLine,
  type Proposal,
  type Reaction,
  type Reply,
  type RuleSetKey,
  type SheetAnswer,
  type SheetPlay,
  type Seat,
  type TriedChange,
  type Units,
  type WayTo,
  type ZoneKey,
} from '@corkscrew/core';

/** How a plan is made: what stands stays and what is missing is put in, with few changes, or all of it anew. */
export type PlanHow = 'fill' | 'near' | 'anew';

/** A line walked through: what breaks, its figures, and how it stands against a defence. */
export interface LineAsk extends WhoPlays {
  readonly play: Play;
  /** The frame the line ends with. */
  readonly leaf: string;
  /** The line in time, and what tells it from every other one: it is computed once, by the page. */
  readonly compiled: Compiled;
  readonly content: string;
  readonly units: Units;
  readonly man: ManWord;
  /** What the team calls things, on this device. */
  readonly words?: Dictionary | undefined;
  /** Against whom; null is nobody. */
  readonly defence: Defence | null;
  /** As that defence plays, whatever the reads of the line say. */
  readonly asIs: boolean;
  /** Nothing of the play is on screen yet: what is wrong without the defence is told on the way. */
  readonly soon: boolean;
}
interface LineAnswer {
  readonly findings: readonly Finding[];
  readonly metrics: Metrics;
  readonly against: AgainstView | null;
}

/** A line against one defence, whatever its reads say. */
interface TriedAsk extends WhoPlays {
  readonly play: Play;
  readonly compiled: Compiled;
  readonly defence: Defence;
}
/** What of it tells defences apart. */
export interface Tried {
  /** The best look that is open and when it comes; null when nobody is ever open. */
  readonly best: { readonly player: PlayerId; readonly worth: number; readonly at: number } | null;
  /** Drawn passes with a hand in their lane. */
  readonly contested: number;
  /** What the drawn shot at the end is worth; null when there is none. */
  readonly shot: number | null;
}

/** Where five would stand best against a zone with the ball at a place. */
interface PlacesAsk {
  readonly court: RuleSetKey;
  readonly level: Level;
  readonly women: boolean;
  readonly zone: ZoneKey;
  readonly schools: readonly string[];
  readonly ball: Point;
  readonly rules: PlaceRules;
  /** Whom each of theirs chases, an index among ours; −1 nobody. */
  readonly chased: Five<Seat | None>;
}

/** A play and whom its answers are judged against. */
export interface AnswersAsk extends WhoPlays {
  readonly play: Play;
  readonly defence: Defence;
}
/** Where the defence has a choice, and the leaves of the lines on which it has it. */
export interface PointAt {
  readonly point: PointOnLine;
  readonly leaves: readonly string[];
}

/** Every kind of question: what is asked, what comes on the way, what is answered. */
export interface Kinds {
  /** On the way: the walk-through without the defence. */
  readonly line: { asks: LineAsk; part: Omit<LineAnswer, 'against'>; answer: LineAnswer };
  /** The findings of a line with the mends that were tried and help. */
  readonly mends: { asks: LineAsk; part: never; answer: readonly Finding[] };
  readonly tried: { asks: TriedAsk; part: never; answer: Tried };
  readonly points: { asks: AnswersAsk; part: never; answer: readonly PointAt[] };
  /** On the way: each cell as the drawn board has it, and again when that is not sure. */
  readonly row: { asks: AnswersAsk & { readonly point: PointOnLine }; part: Cell; answer: readonly Cell[] };
  readonly proposals: {
    asks: AnswersAsk & { readonly point: PointOnLine; readonly reaction: Reaction };
    part: never;
    answer: readonly AnswerProposal[];
  };
  /** What would be done otherwise against another kind of defence, each tried. */
  readonly version: { asks: AnswersAsk; part: never; answer: readonly TriedChange[] };
  /** How far the five are from a set where a line ends. */
  readonly way: {
    asks: { readonly play: Play; readonly leaf: string; readonly start: Play['start'] };
    part: never;
    answer: WayTo;
  };
  readonly reply: { asks: AnswersAsk; part: never; answer: Reply };
  /** What each look of a frame is worth, in their order; null for one that nothing is thrown or shot for. */
  readonly looks: {
    asks: AnswersAsk & { readonly looks: readonly Pick<LookIn, 'look' | 'leaf'>[] };
    part: never;
    answer: readonly (LookWorth | null)[];
  };
  /** On the way: each defence as it is done. */
  readonly everything: {
    asks: Omit<AnswersAsk, 'defence'>;
    part: AgainstOne;
    answer: readonly AgainstOne[];
  };
  /** What a line asks of each defender, and what each helper leaves. */
  readonly evening: {
    asks: LineAsk & { readonly defence: Defence };
    part: never;
    answer: { readonly evenings: readonly Evening[]; readonly leaving: readonly Leaves[] };
  };
  /** The five who fit a call sheet best; null where there are none. */
  readonly five: {
    asks: {
      readonly plays: readonly SheetPlay[];
      readonly there: readonly number[];
      readonly must: readonly number[];
      readonly apart: readonly (readonly [number, number])[];
    };
    part: never;
    answer: SheetAnswer | { readonly best: null };
  };
  /** What the team's season asks of a plan, and one that was found at once. */
  readonly plan: {
    asks: {
      readonly team: InstallTeam;
      readonly today: string;
      readonly how: PlanHow;
      /** A plan it starts from; none is as it is planned now. */
      readonly from?: InstallPlan | undefined;
    };
    part: never;
    answer: { readonly course: Course; readonly plan: InstallPlan; readonly value: number };
  };
  readonly places: { asks: PlacesAsk; part: never; answer: readonly Proposal[] };
}
export type Kind = keyof Kinds;

/** How a kind is answered: what is yielded is told on the way, and where a question can be left. */
export type Answerers = {
  readonly [K in Kind]: (asks: Kinds[K]['asks']) => Generator<Kinds[K]['part'] | null, Kinds[K]['answer']>;
};

/** From the page to a worker, and back. */
export type ToWorker =
  | { readonly id: number; readonly kind: Kind; readonly asks: Kinds[Kind]['asks'] }
  | { readonly id: number; readonly cancel: true };
export type FromWorker =
  | { readonly id: number; readonly part: unknown }
  | { readonly id: number; readonly answer: unknown }
  | { readonly id: number; readonly left: true }
  | { readonly id: number; readonly failed: string };
