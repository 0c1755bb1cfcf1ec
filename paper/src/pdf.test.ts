import { PAPER_KINDS, type PaperAsk } from '@corkscrew/core';
// An independent reader: the PDF library of a browser, from the registry.
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { describe, expect, it } from 'vitest';
import { demoInput, demoPlay, demoPlays, pagesOf } from './demo.test-data.ts';
import type { PaperInput } from './input.ts';
import type { Pages } from './page.ts';
import { pdfOf } from './pdf.ts';

const MADE = { made: new Date('2026-11-28T10:00:00Z'), author: 'Harrow Point' };

interface Read {
  readonly pages: readonly {
    readonly width: number;
    readonly height: number;
    readonly text: string;
    readonly ops: ReadonlySet<number>;
  }[];
  readonly fonts: readonly { readonly name: string; readonly embedded: boolean }[];
  readonly title: string;
  readonly outline: readonly string[];
}

async function read(pages: Pages): Promise<Read> {
  const data = new Uint8Array((await pdfOf(pages, MADE))!);
  const doc = await getDocument({ data, useSystemFonts: false, verbosity: 0 }).promise;
  const out: Read['pages'][number][] = [];
  const fonts = new Map<string, boolean>();
  for (let i = 1; i <= doc.numPages; i++) {
    const page = await doc.getPage(i);
    const [x0, y0, x1, y1] = page.view as [number, number, number, number];
    const { items } = await page.getTextContent();
    const { fnArray, argsArray } = await page.getOperatorList();
    fnArray.forEach((op, k) => {
      if (op !== OPS.setFont) return;
      const [name] = argsArray[k] as [string];
      const font = page.commonObjs.get(name) as {
        name: string;
        missingFile?: boolean;
      };
      fonts.set(font.name, font.missingFile === false);
    });
    out.push({
      ...{ width: x1 - x0, height: y1 - y0, ops: new Set(fnArray) },
      text: items
        .map((t) => ('str' in t ? t.str : ''))
        .filter((s) => s.trim())
        .join('\n'),
    });
  }
  const { info } = (await doc.getMetadata()) as unknown as { info: { Title: string } };
  const outline = ((await doc.getOutline()) ?? []).map((o) => o.title);
  return {
    ...{ pages: out, title: info.Title, outline },
    fonts: [...fonts].map(([name, embedded]) => ({ name, embedded })),
  };
}

const lantern = () => demoInput([demoPlay('demo-horns-lantern')]);

describe('a PDF, read by another library', { timeout: 60_000 }, () => {
  // ISO 216: A4 is 210 by 297 mm; ANSI A "Letter" is 8.5 by 11 inches. A point is 1/72 inch.
  it.each([
    ['a4', (210 / 25.4) * 72, (297 / 25.4) * 72],
    ['letter', 8.5 * 72, 11 * 72],
  ] as const)('is %s', async (paper, width, height) => {
    const { pages } = await read(await pagesOf({ kind: 'play', paper }, lantern()));
    for (const p of pages) {
      expect(p.width).toBeCloseTo(width, 0);
      expect(p.height).toBeCloseTo(height, 0);
    }
  });
  it('a card is 105 by 148 mm (A6, ISO 216)', async () => {
    const { pages } = await read(await pagesOf({ kind: 'sheet', paper: 'card' }, demoInput()));
    expect(pages[0]!.width).toBeCloseTo((105 / 25.4) * 72, 0);
    expect(pages[0]!.height).toBeCloseTo((148 / 25.4) * 72, 0);
  });

  it('has its letters in reading order, its fonts in it, and no picture but lines', async () => {
    const { pages, fonts, title, outline } = await read(await pagesOf({ kind: 'play' }, lantern()));
    expect(pages).toHaveLength(1);
    const { text, ops } = pages[0]!;
    const order = [
      'Horns Lantern',
      'Elbow entry',
      'Chase the handoff',
      'x4 drops',
      'They switch',
      'Looks',
      'Harrow Point',
    ];
    const at = order.map((w) => text.indexOf(w));
    expect(at.every((i) => i >= 0)).toBe(true);
    expect([...at].sort((a, b) => a - b)).toEqual(at);
    expect(fonts.length).toBeGreaterThanOrEqual(4);
    for (const f of fonts) expect(f, f.name).toMatchObject({ embedded: true });
    for (const op of [OPS.paintImageXObject, OPS.paintInlineImageXObject, OPS.paintImageMaskXObject])
      expect(ops.has(op)).toBe(false);
    expect(ops.has(OPS.constructPath)).toBe(true);
    expect(title).toBe('Horns Lantern, play sheet');
    expect(outline).toEqual(['Horns Lantern']);
  });

  it('a book has contents whose page numbers are right', async () => {
    const plays = demoPlays();
    const { pages, outline } = await read(await pagesOf({ kind: 'book' }, demoInput(plays)));
    expect(outline[0]).toBe('Contents');
    expect(outline).toHaveLength(plays.length + 1);
    // The contents take two pages: a play is looked for in both.
    const first = [pages[0]!, pages[1]!].flatMap((p) => p.text.split('\n'));
    for (const { name } of plays) {
      const row = first.indexOf(name);
      expect(row, name).toBeGreaterThan(0);
      const number = Number(first.slice(row + 1).find((s) => /^\d+$/.test(s)));
      expect(pages[number - 1]!.text.split('\n')[0], name).toBe(name);
    }
  });

  it('the same pages made at the same moment are the same file', async () => {
    const pages = await pagesOf({ kind: 'summary' }, lantern());
    const [a, b] = [await pdfOf(pages, MADE), await pdfOf(pages, MADE)];
    const body = (f: Buffer | null) => f!.toString('latin1').replace(/\/ID \[.*?\]/s, '');
    expect(body(a)).toBe(body(b));
  });
  it('is stopped on the way', async () => {
    const pages = await pagesOf({ kind: 'job' }, lantern());
    expect(await pdfOf(pages, { ...MADE, onPage: (done) => done < 3 })).toBeNull();
  });
});

describe('every kind of page', { timeout: 60_000 }, () => {
  const plays = demoPlays();
  const inputs: Record<string, PaperInput> = {
    one: demoInput([demoPlay('demo-quay-four')]),
    all: demoInput(plays),
  };
  it.each(PAPER_KINDS)('%s can be made, and nothing stands outside of its page', async (kind) => {
    const ask: PaperAsk = { kind, series: 'Quay' };
    const input = ['play', 'summary', 'job', 'answers'].includes(kind) ? inputs.one! : inputs.all!;
    const made = await pagesOf(ask, input);
    expect(made.pages.length).toBeGreaterThan(0);
    expect(made.lacks).toEqual([]);
    for (const page of made.pages)
      for (const i of page.items) {
        if (i.is === 'text') {
          expect(i.y, i.text).toBeLessThanOrEqual(page.height);
          expect(i.y, i.text).toBeGreaterThan(0);
          expect(i.size, i.text).toBeGreaterThanOrEqual(6.5);
        } else if (i.is === 'scene') {
          expect(i.x).toBeGreaterThanOrEqual(0);
          expect(i.x + i.scene.width * i.scale).toBeLessThanOrEqual(page.width + 0.5);
          expect(i.y + i.scene.height * i.scale).toBeLessThanOrEqual(page.height);
        }
      }
    const { pages } = await read(made);
    expect(pages).toHaveLength(made.pages.length);
  });
});
