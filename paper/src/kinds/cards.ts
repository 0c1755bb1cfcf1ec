import type { PaperOrder, Sheet } from '@corkscrew/core';
import type { PaperInput } from '../input.ts';
import { n, type Press } from '../press.ts';
import { Calls } from './call-sheet.ts';

/** A wristband's card, points: 2.25 by 4.25 inches, a common pocket (common practice). */
const CARD = { width: 4.25 * 72, height: 2.25 * 72 } as const;
const GAP = 12;
const MARK = 7;

/** Cards for a wristband: every call by its number, one card a man, with marks to cut along. */
export function wristCards(press: Press, sheet: Sheet, order: PaperOrder, input: PaperInput): void {
  press.begin(null, sheet.name);
  const calls = new Calls(order, input);
  const entries = sheet.sections.flatMap((s) => s.entries.map((e) => ({ need: s.need, e })));
  const sides = Math.ceil(entries.length / 16);
  const cards = pages(entries, Math.max(1, Math.ceil(entries.length / Math.max(1, sides))));
  const columns = Math.max(1, Math.floor((press.inner + GAP) / (CARD.width + GAP)));
  const fit = press.inner / (columns * CARD.width + (columns - 1) * GAP);
  const scale = Math.min(1, fit);
  const [wide, tall] = [CARD.width * scale, CARD.height * scale];
  const rows = Math.max(1, Math.floor((press.bottom - press.margin + GAP) / (tall + GAP)));
  // One for each of five and two to spare, as far as there is room; several cards follow each other.
  const copies = cards.length === 0 ? 0 : Math.max(1, Math.floor((rows * columns) / cards.length));
  let at = 0;
  for (let c = 0; c < copies; c++)
    for (const [i, card] of cards.entries()) {
      if (at === rows * columns) {
        press.nextPage();
        at = 0;
      }
      const x =
        press.left + (at % columns) * (wide + GAP) + (press.inner - columns * wide - (columns - 1) * GAP) / 2;
      const y = press.margin + MARK + Math.floor(at / columns) * (tall + GAP);
      setCard(
        press,
        { x, y, wide, tall },
        card,
        cards.length > 1 ? `${i + 1} of ${cards.length}` : '',
        sheet.name,
      );
      at += 1;
    }

  function setCard(
    p: Press,
    { x, y, wide: w, tall: h }: { x: number; y: number; wide: number; tall: number },
    card: typeof entries,
    part: string,
    title: string,
  ): void {
    for (const [cx, dx] of [
      [x, -1],
      [x + w, 1],
    ] as const)
      for (const [cy, dy] of [
        [y, -1],
        [y + h, 1],
      ] as const)
        p.path(`M${n(cx + dx * 2)} ${n(cy)}h${dx * MARK}M${n(cx)} ${n(cy + dy * 2)}v${dy * MARK}`, {
          ...{ stroke: 'black', width: 0.5 },
        });
    const inset = 7;
    p.line(title, x + inset, y + 12, w - 60, { face: 'item', size: 9 });
    p.put(part, x + w - inset, y + 12, { face: 'label', size: 8, anchor: 'end' });
    p.path(`M${n(x + inset)} ${n(y + 16)}H${n(x + w - inset)}`, { stroke: 'black', width: 1 });
    const half = Math.ceil(card.length / 2);
    const row = (h - 22) / 8;
    card.forEach(({ e }, i) => {
      const column = i < half ? 0 : 1;
      const cx = x + inset + column * ((w - 2 * inset) / 2 + 3);
      const cy = y + 20 + (i - column * half) * row;
      p.put(e.number, cx, cy + row * 0.66, { face: 'head', size: 11.5 });
      p.line(
        e.call || calls.play(e)?.play.name || e.name,
        cx + 20,
        cy + row * 0.66,
        (w - 2 * inset) / 2 - 24,
        {
          ...{ face: 'item', size: 10 },
        },
      );
    });
  }
}

function pages<T>(all: readonly T[], each: number): T[][] {
  return Array.from({ length: Math.ceil(all.length / each) }, (_, i) => all.slice(i * each, (i + 1) * each));
}
