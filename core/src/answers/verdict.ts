import type { PlayerId } from '../alignment/library.ts';
import { courtFor } from '../court/rulesets.ts';
import { withMakes } from '../look/worth.ts';
import { levelRecord } from '../motion/level.ts';
import type { Defence, Play } from '../play/document.ts';
import type { OwnTeaching } from '../walkthrough/teaching.ts';
import type { DefenderId } from '../play/vocabulary.ts';
import type { Cell } from './cell.ts';
import { boardsOf, pointsOf, rowOf } from './grid.ts';
import type { PointKind, PointOnLine, Reaction } from './points.ts';
import { Values, worstReply } from './reply.ts';
import { whoDoes } from './told.ts';
import { hurtOf } from './trial.ts';

/** Raised whenever answers are judged another way: verdicts of an older one are made anew. */
export const ANSWERS_ENGINE = 3;

/** What a play has against its defence, in figures that fit on its card. */
export interface Verdict {
  /** The name of the defence. */
  readonly against: string;
  /** Cells that are answered, and all that can happen. */
  readonly answered: number;
  readonly of: number;
  /** The first hole, of what they are expected to do before the rest; null when there is none. */
  readonly hole: {
    readonly kind: PointKind;
    readonly by: PlayerId;
    readonly user: PlayerId;
    readonly does: Reaction;
    readonly who: DefenderId[];
  } | null;
  /** What the play is worth against the worst that they can do, points a possession. */
  readonly worst: number;
  /** What hurts it most, as one defence for other plays to be tried against; null where there is none. */
  readonly hurt: Defence | null;
}

/** Judges a play against its first defence: the grid, and their best reply. What it yields between is a chance to leave. */
export function* verdictOf(play: Play, makes: OwnTeaching['makes']): Generator<null, Verdict | null> {
  const defence = play.defences?.[0];
  if (!defence) return null;
  const record = withMakes(levelRecord(play.level, play.women ?? false), makes);
  const boards = boardsOf(play, courtFor(play), record, defence);
  const points = pointsOf(boards.drawn);
  yield null;
  let answered = 0;
  let of = 0;
  let hole: { at: PointOnLine; cell: Cell } | null = null;
  for (const at of points) {
    const row = rowOf(boards, at);
    let step = row.next();
    for (; !step.done; step = row.next()) yield null;
    for (const cell of step.value) {
      if (cell.state === 'cant' || cell.state === 'never') continue;
      of++;
      if (cell.state === 'answered') answered++;
      if (cell.state === 'hole' && (!hole || (cell.usual && !hole.cell.usual))) hole = { at, cell };
    }
  }
  const values = new Values(boards.drawn, points);
  const reply = yield* worstReply(values);
  const hurt = yield* hurtOf(values, reply);
  return {
    against: defence.name,
    answered,
    of,
    hole: hole && {
      kind: hole.at.kind,
      by: hole.at.by,
      user: hole.at.user,
      does: hole.cell.reaction,
      who: whoDoes(defence, hole.at, hole.cell.reaction),
    },
    worst: Math.round(reply.worth * 100) / 100,
    hurt,
  };
}
