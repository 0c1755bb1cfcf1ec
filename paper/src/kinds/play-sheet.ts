import {
  againstInFull,
  holeWords,
  lookWords,
  type PaperOrder,
  type Play,
  type Teller,
} from '@corkscrew/core';
import { scoreScene } from '@corkscrew/diagram';
import { LARGE, setEndings, setRows, SMALL } from '../cells.ts';
import { widthOf } from '../face.ts';
import { tellerFor, type PaperInput, type PaperPlay } from '../input.ts';
import { PlayLines, type PlayLook } from '../line.ts';
import type { Head, Press } from '../press.ts';

/** What stands at the head of a play: how it is called, whom it is for, and when it is there. */
export function headOf(play: Play, looks: readonly PlayLook[], order: PaperOrder, t: Teller): Head {
  const { call, against } = play;
  const times = looks.flatMap((l) => (l.seconds === null ? [] : [l.seconds])).sort((a, b) => a - b);
  const called = [
    call?.word ? `Call “${call.word}”.` : '',
    order.signals && call?.signal ? `${call.signal}.` : '',
  ].filter(Boolean);
  const man = t.man === 'player' ? 'player' : 'man';
  const said = [
    against.length > 0
      ? `Against ${against.map((a) => againstInFull(a, man).toLowerCase()).join(', ')}.`
      : '',
    times.length > 0 ? `First look ${times[0]!.toFixed(1)} s.` : '',
  ].filter(Boolean);
  return { title: play.name, right: [called.join(' '), said.join(' ')].filter(Boolean) };
}

/** What a play has no answer to, as far as it was judged. */
export function holesOf({ verdict }: PaperPlay): string {
  if (!verdict || verdict.of === 0) return '';
  const hole = holeWords(verdict);
  const count = `${verdict.answered} of ${verdict.of} answered against ${verdict.against}`;
  return hole ? `${count}. ${hole}` : `${count}.`;
}

/** A play as a score: the frames to the first fork, the endings under what they do, the staves, the looks, what is open. */
export function playSheet(press: Press, p: PaperPlay, order: PaperOrder, input: PaperInput): void {
  const lines = new PlayLines(p.play, tellerFor(p.play, order, input));
  const looks = lines.looks();
  // Two frames across where all of it takes no more pages so; else three.
  const pages = (columns: 2 | 3): number => press.tried((trial) => set(trial, columns));
  set(press, pages(3) < pages(2) ? 3 : 2);

  function set(on: Press, columns: 2 | 3): void {
    setPlay(on, p, columns, { lines, looks, order });
  }
}

interface Laid {
  readonly lines: PlayLines;
  readonly looks: readonly PlayLook[];
  readonly order: PaperOrder;
}

function setPlay(press: Press, p: PaperPlay, columns: 2 | 3, { lines, looks, order }: Laid): void {
  const { t } = lines;
  press.begin(headOf(p.play, looks, order, t), p.play.name);
  const { wide } = lines;
  setRows(press, lines.trunk(), columns, 18, { ...LARGE, wide });
  setEndings(press, lines.endings(), { ...SMALL, wide });
  const beat = lines.beat();
  const score = scoreScene(beat, { width: press.inner, measure: (s, size) => widthOf(s, 'label', size) });
  press.need(score.height + 8);
  press.rule();
  press.y += 7;
  press.y += press.scene(score, press.left, press.y, press.inner) + 6;
  setLooks(press, looks, t);
  setNote(press, p.play.notes);
  const open = holesOf(p);
  if (open) setNote(press, open);
}

/** The looks in their order, in two columns. */
export function setLooks(press: Press, looks: readonly PlayLook[], t: Teller): void {
  if (looks.length === 0) return;
  const width = (press.inner - 18) / 2;
  const rows = Math.ceil(looks.length / 2);
  const size = 9.5;
  press.need(20 + Math.min(rows, 3) * 14);
  press.rule();
  press.put('Looks', press.left, press.y + 13, { face: 'item', size: 12 });
  press.y += 19;
  for (let i = 0; i < rows; i++) {
    press.need(14);
    for (const [k, look] of [looks[i], looks[i + rows]].entries()) {
      if (!look) continue;
      const x = press.left + k * (width + 18);
      press.put(`${i + k * rows + 1}`, x, press.y + 9, { face: 'item', size: 10.5 });
      press.line(lookWords(look.look, t), x + 16, press.y + 9, width - 60, { face: 'body', size });
      if (look.seconds !== null)
        press.put(`${look.seconds.toFixed(1)} s`, x + width, press.y + 9, {
          face: 'item',
          size: 10.5,
          anchor: 'end',
        });
    }
    press.y += 14;
  }
  press.y += 2;
}

export function setNote(press: Press, note: string | undefined): void {
  if (!note?.trim()) return;
  const tall = press.lines(note, 'body', 9.5, press.inner).length * 12.2 + 10;
  press.need(Math.min(tall, 60));
  press.rule();
  press.y += 5;
  for (const line of press.lines(note, 'body', 9.5, press.inner)) {
    press.need(13);
    press.put(line, press.left, press.y + 9, { face: 'body', size: 9.5 });
    press.y += 12.2;
  }
  press.y += 5;
}
