import type { PlayerId } from '../alignment/library.ts';
import { courtFor } from '../court/rulesets.ts';
import { OFF_BALL_COVERAGES, ON_BALL_COVERAGES } from '../defence/plan.ts';
import { withMakes } from '../look/worth.ts';
import { levelRecord } from '../motion/level.ts';
import { contentOf } from '../play/content.ts';
import type { Defence, Play } from '../play/document.ts';
import type { OwnTeaching } from '../walkthrough/teaching.ts';
import { FIRM } from './cell.ts';
import { boardsOf } from './grid.ts';
import type { PointKind, Reaction } from './points.ts';
import { Values, type Reply } from './reply.ts';

/** Raised whenever a play is tried against a defence another way. */
export const TRIALS_ENGINE = 1;

/** The best a play has against one defence that plays as it says. */
export interface Trial {
  readonly state: 'answered' | 'contested' | 'hole';
  /** Points a possession. */
  readonly worth: number;
  readonly leaf: string;
  /** Who gets it, and when (s); null where there is nothing. */
  readonly player: PlayerId | null;
  readonly at: number | null;
}

/** Which defence a play is tried against, whatever it is called and wherever it stands. */
export const trialKey = ({ id: _id, name: _name, ...way }: Partial<Defence>): string => contentOf(way);

/** Beneath this (points) a look is none: a shot over a man who stands there (from memory). */
const SOMETHING = 0.4;

const hundredth = (x: number): number => Math.round(x * 100) / 100;

/** Tries a play against a defence: its best line, and whether somebody is open on it. */
export function trialOf(play: Play, defence: Defence, makes: OwnTeaching['makes']): Trial {
  const record = withMakes(levelRecord(play.level, play.women ?? false), makes);
  const { drawn } = boardsOf(play, courtFor(play), record, defence);
  const { leaf, seen, worth } = new Values(drawn, []).best({});
  const open = seen?.judged.open === true && worth >= FIRM.worth;
  return {
    state: open ? 'answered' : worth >= SOMETHING ? 'contested' : 'hole',
    worth: hundredth(worth),
    leaf,
    player: seen?.look.player ?? null,
    at: seen ? Math.round(seen.look.at * 10) / 10 : null,
  };
}

/** What a kind of choice is of a whole defence. */
const WHOLE: Readonly<Partial<Record<PointKind, (does: Reaction) => Partial<Defence> | null>>> = {
  onBall: (does) => (isOneOf(ON_BALL_COVERAGES, does) ? { onBall: does } : null),
  offBall: (does) => (isOneOf(OFF_BALL_COVERAGES, does) ? { offBall: does } : null),
  handoff: (does) => (isOneOf(ON_BALL_COVERAGES, does) ? { handoff: does } : null),
  entry: (does) => (does === 'front' || does === 'behind' ? { post: does } : null),
  tag: (does) => ({ help: does }),
};
const isOneOf = (all: readonly string[], does: string): boolean => all.includes(does);

/**
 * What hurts a play most as one man-to-man defence: of its worst reply the most harmful reaction a kind (on the ball,
 * off it, handoff, entry, help). Null against a zone, whose choices are of its own floor, and where nobody has a choice.
 * What it yields between is a chance to leave.
 */
export function* hurtOf(values: Values, { told, worth }: Reply): Generator<null, Defence | null> {
  const { defence } = values.board;
  if (defence.type !== 'man') return null;
  const { id, onBall, offBall, handoff, help, post } = defence;
  let hurt: Defence = {
    ...{ id, name: defence.name, type: 'man' },
    // Who guards whom is of this play's men: another play has its own.
    ...said({ onBall, offBall, handoff, help, post }),
  };
  let chosen = false;
  for (const [kind, whole] of Object.entries(WHOLE)) {
    let most: { does: Reaction; harm: number } | null = null;
    for (const p of values.points) {
      const does = told[p.id];
      if (p.kind !== kind || does === undefined) continue;
      const without = Object.fromEntries(Object.entries(told).filter(([at]) => at !== p.id));
      const harm = values.best(without).worth - worth;
      yield null;
      if (!most || harm > most.harm + 1e-9) most = { does, harm };
    }
    const part = most && whole(most.does);
    if (!part) continue;
    hurt = { ...hurt, ...part };
    chosen = true;
  }
  return chosen ? hurt : null;
}

const said = <T extends object>(of: T): Partial<T> =>
  Object.fromEntries(Object.entries(of).filter(([, v]) => v !== undefined)) as Partial<T>;

/** By so much a play has to be better than the one that is hurt (points), to be its answer (from memory). */
const BETTER = 0.15;

/** Whether a play punishes what hurts another: open against it, and worth clearly more. */
export const punishes = (own: Trial, other: Trial): boolean =>
  other.state === 'answered' && other.worth >= own.worth + BETTER;
