import {
  boardsOf,
  courtFor,
  leaves,
  levelRecord,
  pointSaid,
  pointsOf,
  rowOf,
  STATE_WORDS,
  tell,
  withMakes,
  type JudgedRow,
  type Play,
} from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { demoInput, demoPlay, demoPlays, pagesOf } from '../demo.test-data.ts';
import type { PageItem, Pages } from '../page.ts';

const textsOf = ({ pages }: Pages): string[] =>
  pages.flatMap((p) => p.items.flatMap((i) => (i.is === 'text' ? [i.text] : [])));
const only = (play: Play) => demoInput([play]);
const places = (items: readonly PageItem[], words: string) =>
  items.flatMap((i) => (i.is === 'text' && i.text === words ? [i] : []));

/** Every cell of a play against its own defence, judged anew. */
function cellsOf(play: Play): { readonly said: string; readonly cells: JudgedRow['cells'] }[] {
  const defence = play.defences![0]!;
  const level = withMakes(levelRecord(play.level, play.women ?? false), undefined);
  const boards = boardsOf(play, courtFor(play), level, defence);
  return pointsOf(boards.drawn).map((point) => {
    const row = rowOf(boards, point);
    let step = row.next();
    while (!step.done) step = row.next();
    return { said: tell(pointSaid(point)), cells: step.value };
  });
}

describe('answers on paper', () => {
  it.each(['demo-horns-lantern', 'demo-pilot-five'])(
    '%s: a row a place where they have a choice, and every hole in words',
    async (id) => {
      const play = demoPlay(id);
      const texts = textsOf(await pagesOf({ kind: 'answers', ours: false }, only(play)));
      const rows = cellsOf(play);
      expect(rows.length).toBeGreaterThan(0);
      for (const { said } of rows) expect(texts).toContain(said);
      const holes = rows.flatMap((r) => r.cells).filter((c) => c.state === 'hole');
      const told = texts.filter((t) => rows.some(({ said }) => t.endsWith(`(${said})`)));
      expect(told).toHaveLength(holes.length);
      expect(texts.includes('Open')).toBe(holes.length > 0);
      // The marks mean what the key says.
      for (const state of ['answered', 'contested', 'hole', 'cant'] as const)
        expect(texts).toContain(STATE_WORDS[state]);
    },
  );
  it('a play without a defence says so', async () => {
    const { defences: _defences, ...play } = demoPlay('demo-horns-lantern');
    const texts = textsOf(await pagesOf({ kind: 'answers' }, only(play)));
    expect(texts.join(' ')).toContain('names no defence');
  });
});

describe('one page of a play', () => {
  it.each(demoPlays().map((p) => [p.name, p] as const))('%s is one page', async (_name, play) => {
    const { pages } = await pagesOf({ kind: 'summary' }, only(play));
    expect(pages).toHaveLength(1);
    expect(textsOf({ pages } as Pages)).toContain(play.name);
  });
});

describe('a play sheet', () => {
  it('has every ending under its read, and its beat sheet', async () => {
    const play = demoPlay('demo-horns-lantern');
    const made = await pagesOf({ kind: 'play', ours: false }, only(play));
    const text = textsOf(made).join('\n');
    const ends = leaves(play).filter((f) => f.read);
    expect(ends.length).toBeGreaterThan(1);
    expect(text).toMatch(/switch/);
    expect(text).toMatch(/drops/);
    const scores = made.pages.flatMap((p) => p.items.flatMap((i) => (i.is === 'scene' ? i.scene.items : [])));
    expect(scores.some((i) => i.shape === 'text' && i.text === 'Ball')).toBe(true);
  });
  it.each(['a4', 'letter'] as const)('stands within its margins on %s', async (paper) => {
    for (const id of ['demo-horns-lantern', 'demo-quay-four']) {
      const { pages } = await pagesOf({ kind: 'play', paper }, only(demoPlay(id)));
      for (const page of pages)
        for (const item of page.items)
          if (item.is === 'text') {
            expect(item.x, item.text).toBeGreaterThan(0);
            expect(item.x, item.text).toBeLessThan(page.width);
            expect(item.y, item.text).toBeGreaterThan(0);
            expect(item.y, item.text).toBeLessThan(page.height);
          }
    }
  });
});

describe('a series', () => {
  it('has its plays in the order of their numbers, each with its call', async () => {
    const input = demoInput();
    const { word } = input.series![0]!;
    const texts = textsOf(await pagesOf({ kind: 'series', series: word }, input));
    const own = demoPlays().filter((p) => p.series === word);
    expect(own.length).toBeGreaterThan(1);
    const at = own
      .map((p) => p.name)
      .sort((a, b) => a.localeCompare(b, 'en', { numeric: true }))
      .map((name) => texts.indexOf(name));
    expect(at.every((i) => i >= 0)).toBe(true);
    expect(at).toEqual([...at].sort((a, b) => a - b));
    expect(texts).toContain(`Series of ${own.length}`);
  });
});

describe('a playbook', () => {
  it('its contents name every play once, with the page it is on', async () => {
    const plays = demoPlays().slice(0, 8);
    const { pages } = await pagesOf({ kind: 'book' }, demoInput(plays));
    const [contents] = pages;
    for (const play of plays) {
      const [row, ...more] = places(contents!.items, play.name);
      expect(more, play.name).toEqual([]);
      const number = contents!.items.find(
        (i) => i.is === 'text' && i.anchor === 'end' && Math.abs(i.y - row!.y) < 0.01,
      );
      const page = pages[Number((number as { text: string }).text) - 1]!;
      expect(places(page.items, play.name).length, play.name).toBeGreaterThan(0);
    }
  });
});

describe('wristbands', () => {
  it('a card has the size of a common pocket, and the same call by the same number on every card', async () => {
    const input = demoInput();
    const { pages } = await pagesOf({ kind: 'cards' }, input);
    const entries = input.sheet!.sections.flatMap((s) => s.entries);
    const cards = places(pages[0]!.items, input.sheet!.name).length;
    expect(cards).toBeGreaterThan(1);
    const last = entries[0]!;
    for (const page of pages) {
      const numbers = places(page.items, last.number);
      const calls = page.items.filter((i) => i.is === 'text' && i.text === (last.call || last.name));
      expect(calls.length).toBe(numbers.length);
    }
  });
});

describe('a call sheet', () => {
  const sheet = (needs: number, calls: number) => {
    const input = demoInput();
    const [section] = input.sheet!.sections;
    const entry = section!.entries[0]!;
    const sections = Array.from({ length: needs }, (_, i) => ({
      ...section!,
      need: `Need ${i}`,
      entries: Array.from({ length: calls }, (_x, k) => ({ ...entry, number: `${i}.${k}` })),
    }));
    return { ...input, sheet: { ...input.sheet!, sections } };
  };
  const needsOf = ({ pages }: Pages) =>
    pages.map((p) => p.items.flatMap((i) => (i.is === 'text' && i.text.startsWith('Need ') ? [i] : [])));
  it('has columns of like height while there is room, and fills them in order', async () => {
    const [needs, ...more] = needsOf(await pagesOf({ kind: 'sheet', columns: 2 }, sheet(6, 2)));
    expect(more).toEqual([]);
    const left = needs!.filter((n) => n.x === needs![0]!.x);
    expect(left.map((n) => n.text)).toEqual(['Need 0', 'Need 1', 'Need 2']);
  });
  it.each([1, 2, 3] as const)(
    'in %s columns no call is lost, and no page more is needed than is full',
    async (columns) => {
      for (const needs of [1, 3, 5, 8, 13, 20]) {
        const input = sheet(needs, 3);
        const made = await pagesOf({ kind: 'sheet', columns }, input);
        const texts = textsOf(made);
        for (const { entries } of input.sheet.sections)
          for (const e of entries) expect(texts).toContain(e.number);
        const tall = needs * (12 + 8 + 3 * 32 + 12);
        const room = (made.pages[0]!.height - 150) * columns;
        expect(made.pages.length).toBeLessThanOrEqual(Math.ceil(tall / (0.8 * room)) + 1);
      }
    },
  );
});
