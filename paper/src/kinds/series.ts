import { PLAYERS, type PaperOrder } from '@corkscrew/core';
import { setScene } from '@corkscrew/diagram';
import { LARGE, setCell, cellHeight } from '../cells.ts';
import { floorScale } from '../floor.ts';
import { tellerFor, type PaperInput } from '../input.ts';
import { PlayLines } from '../line.ts';
import { byName } from './book.ts';
import type { Press } from '../press.ts';

/** The plays of a series: what they share, and where each of them goes its own way. */
export function seriesPage(press: Press, word: string, order: PaperOrder, input: PaperInput): void {
  const own = input.series?.find((s) => s.word === word);
  const plays = byName(input.plays.filter((p) => p.play.series === word));
  press.begin(
    {
      title: word,
      right: [`Series of ${plays.length}`, order.signals ? (own?.signal ?? '') : ''].filter(Boolean),
    },
    word,
  );
  if (own?.notes)
    press.y += press.block(own.notes, press.left, press.y, press.inner, { face: 'body', size: 10.5 }) + 10;
  const width = 168;
  for (const p of plays) {
    const { play } = p;
    const t = tellerFor(play, order, input);
    const lines = new PlayLines(play, t);
    const cells = [...lines.trunk(), ...(lines.endings()[0]?.cells ?? [])].slice(0, 3);
    const s = { ...LARGE, title: 11, box: 13, wide: lines.wide };
    const tall = 30 + Math.max(60, ...cells.map((c) => cellHeight(press, c, width, s)));
    press.need(tall);
    press.rule(0.9);
    const sign = order.signals ? play.call?.signal : undefined;
    const called = [play.option && `Option ${play.option}`, play.call?.word && `“${play.call.word}”`, sign]
      .filter(Boolean)
      .join(' · ');
    press.line(play.name, press.left, press.y + 17, press.inner / 2, { face: 'head', size: 16 });
    press.line(called, press.left + press.inner / 2, press.y + 17, press.inner / 2, {
      face: 'item',
      size: 11,
    });
    if (play.purpose)
      press.line(play.purpose, press.left, press.y + 28, press.inner, { face: 'body', size: 9.5 });
    cells.forEach((c, i) =>
      setCell(press, c, press.left + i * (width + (press.inner - 3 * width) / 2), press.y + 34, width, s),
    );
    if (cells.length === 0) {
      const scene = setScene(lines.court, byNumber(play.start.places), floorScale(width));
      press.scene(scene, press.left, press.y + 34, width);
    }
    press.y += tall + 8;
  }
}
const byNumber = <T>(
  places: Readonly<Record<(typeof PLAYERS)[number], T>>,
): Record<(typeof PLAYERS)[number], T> =>
  Object.fromEntries(PLAYERS.map((p) => [p, places[p]])) as Record<(typeof PLAYERS)[number], T>;
