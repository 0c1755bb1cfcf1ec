import {
  boardsOf,
  courtFor,
  frameById,
  levelRecord,
  pointSaid,
  pointsOf,
  readOf,
  readWords,
  rowOf,
  tell,
  toldWords,
  Values,
  whole,
  whySaid,
  worstReply,
  type Cell,
  type Defence,
  type Play,
  type Reply,
} from '@corkscrew/core';

/** One place where the defence has a choice, and what the play has against each. */
interface RowAnswer {
  readonly point: string;
  readonly at: number;
  readonly cells: readonly CellAnswer[];
}
interface CellAnswer {
  readonly reaction: string;
  readonly usual: boolean;
  readonly state: Cell['state'];
  readonly who?: string;
  /** What the ending that answers it is called; left out for the play as drawn. */
  readonly ending?: string;
  readonly worth?: number;
  readonly at?: number;
  readonly open?: number;
  readonly boards: number;
  readonly why: readonly string[];
}
export interface PlayAnswers {
  readonly name: string;
  readonly defence: string;
  readonly rows: readonly RowAnswer[];
  readonly counts: Readonly<Record<Cell['state'], number>>;
  readonly reply?: {
    readonly worth: number;
    /** What of it they do not do anyhow. */
    readonly if: readonly string[];
    readonly looked: number;
  };
}

/** The grid of a play against a man-to-man defence, and what hurts it most when that is asked for. */
export function answersOf(play: Play, defence: Defence, reply: boolean): PlayAnswers {
  const court = courtFor(play);
  const boards = boardsOf(play, court, levelRecord(play.level, play.women ?? false), defence);
  const points = pointsOf(boards.drawn);
  const rows = points.map((p): RowAnswer => {
    const cells = whole(rowOf(boards, p)).map((c): CellAnswer => {
      const read = c.tried?.ending ? frameById(play, c.tried.ending)?.read : undefined;
      return {
        reaction: readWords(readOf(defence, p, c.reaction)),
        usual: c.usual,
        state: c.state,
        ...(c.look && c.tried
          ? { who: c.look.look.player, worth: c.tried.worth, at: c.look.judged.at, open: c.tried.share }
          : {}),
        ...(read ? { ending: readWords(read) } : {}),
        boards: c.boards,
        why: whySaid(c).map((s) => tell(s)),
      };
    });
    return { point: tell(pointSaid(p)), at: p.seen, cells };
  });
  const counts = { answered: 0, contested: 0, hole: 0, cant: 0, never: 0 };
  for (const r of rows) for (const c of r.cells) counts[c.state]++;
  const worst = reply ? whole(worstReply(new Values(boards.drawn, points))) : null;
  return {
    name: play.name,
    defence: defence.name,
    rows,
    counts,
    ...(worst ? { reply: replyOf(worst) } : {}),
  };

  function replyOf(r: Reply) {
    return {
      worth: r.worth,
      if: toldWords(defence, points, r.told, (p) => tell(pointSaid(p))),
      looked: r.looked,
    };
  }
}

const MARK: Readonly<Record<Cell['state'], string>> = {
  answered: 'answered',
  contested: 'contested',
  hole: 'hole',
  cant: "can't happen",
  never: 'never done',
};

/** The same as lines of text. */
export function answersText(a: PlayAnswers): string {
  const { answered, contested, hole } = a.counts;
  return [
    `${a.name} against ${a.defence}: ${answered} answered, ${contested} contested, ${hole === 1 ? '1 hole' : `${hole} holes`}`,
    ...(a.rows.length === 0 ? ['  They have no choice to make in it.'] : []),
    ...a.rows.flatMap((r) => [
      `  ${r.point}, ${r.at.toFixed(1)} s`,
      ...r.cells.map((c) =>
        `    ${MARK[c.state].padEnd(12)}  ${c.reaction}${c.usual ? ' (as they play it)' : ''}: ${c.why.join(' ')}${c.ending ? ` By the ending “${c.ending}”.` : ''}`.trimEnd(),
      ),
    ]),
    ...(a.reply
      ? [
          `  Their best reply: ${tell({ key: 'answer-worst', with: { worth: a.reply.worth, what: a.reply.if } })}`,
        ]
      : []),
  ].join('\n');
}
