import {
  boardsOf,
  courtFor,
  expectedFirst,
  levelRecord,
  POINT_GROUPS,
  pointSaid,
  pointsOf,
  reactionShort,
  readOf,
  readWords,
  rowOf,
  STATE_WORDS,
  tell,
  withMakes,
  type Defence,
  type JudgedRow,
  type PaperOrder,
} from '@corkscrew/core';
import { tellerFor, type PaperInput, type PaperPlay } from '../input.ts';
import { setMark } from '../mark.ts';
import type { Press } from '../press.ts';

/** What a play has against each thing they may do, a row a place where they have a choice. */
export function answersGrid(press: Press, p: PaperPlay, order: PaperOrder, input: PaperInput): void {
  const { play } = p;
  const t = tellerFor(play, order, input);
  const defence = play.defences?.[0];
  press.begin(
    { title: play.name, right: ['Answers', defence ? `against ${defence.name}` : ''].filter(Boolean) },
    play.name,
  );
  if (!defence) {
    press.block(
      'This play names no defence: there is nothing to answer yet.',
      press.left,
      press.y,
      press.inner,
      {
        ...{ face: 'body', size: 12 },
      },
    );
    return;
  }
  const rows = judged(p, defence, input);
  for (const { kinds, words } of POINT_GROUPS) {
    const some = rows.filter((r) => kinds.includes(r.point.kind));
    if (some.length === 0) continue;
    const columns = expectedFirst(some);
    const first = 190;
    const wide = Math.min(46, (press.inner - first) / columns.length);
    press.need(58);
    press.put(words, press.left, press.y + 12, { face: 'item', size: 13 });
    columns.forEach((c, k) =>
      press.put(reactionShort(c), press.left + first + wide * (k + 0.5), press.y + 12, {
        ...{ face: 'label', size: wide < 34 ? 8 : 9.5, anchor: 'middle' },
      }),
    );
    press.y += 18;
    for (const { point, cells } of some) {
      press.need(25);
      press.rule(0.5, 'line');
      press.line(tell(pointSaid(point), t), press.left, press.y + 11, first - 8, { face: 'item', size: 11 });
      press.put(`${point.seen.toFixed(1)} s`, press.left, press.y + 20.5, { face: 'label', size: 8 });
      columns.forEach((c, k) => {
        const cell = cells.find((x) => x.reaction === c);
        const x = press.left + first + wide * (k + 0.5);
        if (cell) setMark(press, cell.state, x, press.y + 11.5, 14);
        if (cell?.usual) press.path(`M${x - 8} ${press.y + 22}h16`, { stroke: 'black', width: 1.4 });
      });
      press.y += 25;
    }
    press.y += 10;
  }
  setKey(press);
  const holes = rows.flatMap(({ point, cells }) =>
    cells
      .filter((c) => c.state === 'hole')
      .map((c) => `${readWords(readOf(defence, point, c.reaction), t)} (${tell(pointSaid(point), t)})`),
  );
  if (holes.length === 0) return;
  press.need(34);
  press.put('Open', press.left, press.y + 12, { face: 'item', size: 13 });
  press.y += 18;
  for (const hole of holes) {
    press.need(16);
    setMark(press, 'hole', press.left + 6, press.y + 7, 12);
    press.line(hole, press.left + 18, press.y + 11, press.inner - 18, { face: 'body', size: 11 });
    press.y += 16;
  }
}

function judged({ play }: PaperPlay, defence: Defence, { makes }: PaperInput): JudgedRow[] {
  const record = withMakes(levelRecord(play.level, play.women ?? false), makes);
  const boards = boardsOf(play, courtFor(play), record, defence);
  return pointsOf(boards.drawn).map((point) => {
    const row = rowOf(boards, point);
    let step = row.next();
    while (!step.done) step = row.next();
    return { point, cells: step.value };
  });
}

function setKey(press: Press): void {
  press.need(24);
  let x = press.left;
  for (const state of ['answered', 'contested', 'hole', 'cant'] as const) {
    setMark(press, state, x + 6, press.y + 8, 13);
    press.put(STATE_WORDS[state], x + 17, press.y + 11.5, { face: 'label', size: 9.5 });
    x += 90;
  }
  press.path(`M${x} ${press.y + 12}h16`, { stroke: 'black', width: 1.4 });
  press.put('as they play it', x + 22, press.y + 11.5, { face: 'label', size: 9.5 });
  press.y += 26;
}
