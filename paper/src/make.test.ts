import { LIMITS, newPlay, PaperOrderSchema, type Play } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { demoInput, demoPlay, demoPlays, pagesOf } from './demo.test-data.ts';
import { FACES, showable, widthOf } from './face.ts';
import { makePages, NothingToPrint } from './make.ts';
import { pageSvg } from './svg.ts';
import { cutTo, wrap, wrapTo } from './text.ts';
import type { Pages } from './page.ts';

const textOf = ({ pages }: Pages): string =>
  pages.flatMap((p) => p.items.flatMap((i) => (i.is === 'text' ? [i.text] : []))).join('\n');
const only = (id: string) => demoInput([demoPlay(id)]);

describe('what stands on a sheet', () => {
  it('hand signals are left out when that is asked for', async () => {
    const { call } = demoPlay('demo-horns-lantern');
    expect(textOf(await pagesOf({ kind: 'play' }, only('demo-horns-lantern')))).toContain(call!.signal);
    const hidden = await pagesOf({ kind: 'play', signals: false }, only('demo-horns-lantern'));
    expect(textOf(hidden)).not.toContain(call!.signal);
    const calls = textOf(await pagesOf({ kind: 'sheet', signals: false }, demoInput()));
    for (const { call: c } of demoPlays()) if (c?.signal) expect(calls).not.toContain(c.signal);
  });
  it('a job is of one number, with what he does in every ending', async () => {
    const one = await pagesOf({ kind: 'job', number: '3' }, only('demo-horns-lantern'));
    expect(one.pages).toHaveLength(1);
    const text = textOf(one);
    expect(text).toContain('3 in Horns Lantern');
    expect(text).toMatch(/3 comes off 5/);
    expect(text).toMatch(/They switch:\n/);
    expect(await pagesOf({ kind: 'job' }, only('demo-horns-lantern'))).toMatchObject({
      pages: { length: 5 },
    });
  });
  it('speaks the team’s words, or the trade’s', async () => {
    const ours = textOf(await pagesOf({ kind: 'play' }, only('demo-quay-four')));
    const plain = textOf(await pagesOf({ kind: 'play', ours: false }, only('demo-quay-four')));
    expect(ours).not.toBe(plain);
  });
  it('a call sheet has every call of it by its number, on as many pages as it takes', async () => {
    const input = demoInput();
    const entries = input.sheet!.sections.flatMap((s) => s.entries);
    for (const size of ['desk', 'bench'] as const)
      for (const columns of [1, 2, 3] as const) {
        const lines = textOf(await pagesOf({ kind: 'sheet', size, columns }, input)).split('\n');
        for (const e of entries) expect(lines, `${size} ${columns}`).toContain(e.number);
      }
  });
  it('wristbands have marks to cut along and every call', async () => {
    const made = await pagesOf({ kind: 'cards' }, demoInput());
    const marks = made.pages[0]!.items.filter((i) => i.is === 'path' && i.width === 0.5);
    expect(marks.length % 4).toBe(0);
    expect(marks.length).toBeGreaterThan(0);
  });
  it('what is not there is told', async () => {
    const { kind: _kind, ...order } = PaperOrderSchema.parse({ kind: 'play' });
    await expect(makePages({ kind: 'play', ...order }, demoInput([]))).rejects.toBeInstanceOf(NothingToPrint);
    const { sheet: _sheet, ...none } = demoInput([]);
    await expect(makePages({ kind: 'sheet', ...order }, none)).rejects.toThrow('no such call sheet');
    await expect(makePages({ kind: 'series', ...order, series: 'None' }, demoInput())).rejects.toThrow(
      'no play in this',
    );
    expect(
      textOf((await makePages({ kind: 'glossary', ...order }, { ...demoInput([]), words: [] }))!),
    ).toContain('own words');
  });
  it('is stopped between plays', async () => {
    const order = PaperOrderSchema.parse({ kind: 'book' });
    expect(await makePages(order, demoInput(), (done) => done < 2)).toBeNull();
  });
});

describe('what a play may hold', () => {
  const long = (): Play => {
    const play = newPlay({
      id: 'long',
      name: 'Long',
      court: 'fiba',
      level: 'pro',
      alignment: 'horns',
      ball: '1',
    });
    const frames = Array.from({ length: LIMITS.frames }, (_, i) => ({
      id: `f${i}`,
      parent: i === 0 ? null : `f${i - 1}`,
      actions: [
        { id: `a${i}`, by: '2' as const, does: 'cut' as const, path: [{ x: (i % 5) * 3, y: 10 + (i % 7) }] },
      ],
    }));
    return { ...play, frames };
  };
  it('a play of as many frames as there may be is printed whole', async () => {
    const made = await pagesOf({ kind: 'play' }, demoInput([long()]));
    expect(textOf(made).split('\n')).toContain(String(LIMITS.frames));
  }, 120_000);
  it('names that are markup stay letters, in the picture of a page as on paper', async () => {
    const name = '<script>alert("x")</script> & "y" \' ../../etc';
    const made = await pagesOf({ kind: 'play' }, demoInput([{ ...demoPlay('demo-quay-four'), name }]));
    const svg = made.pages.map((p) => pageSvg(p)).join('');
    expect(svg).not.toContain('<script');
    expect(svg).toContain('&lt;script&gt;');
    expect(textOf(made)).toContain('<script>');
  });
  it('letters no font has are question marks, and told', async () => {
    const made = await pagesOf(
      { kind: 'play' },
      demoInput([{ ...demoPlay('demo-quay-four'), name: '漢 Quay →' }]),
    );
    expect(made.lacks).toEqual(['漢']);
    expect(textOf(made)).toContain('? Quay ›');
  });
});

describe('letters', () => {
  it('every cut has the letters of western and middle Europe, figures and the signs of sentences', () => {
    const signs =
      'ÀÁÂÃÄÅÆÇÈÉÊËÌÍÎÏÑÒÓÔÕÖØÙÚÛÜÝÞßàáâãäåæçèéêëìíîïñòóôõöøùúûüýþÿĀāĂăĄąĆćČčĎďĐđĒēĖėĘęĚěĞğĢģĪīĮįİıĶķĹĺĽľŁłŃńŅņŇňŐőŒœŔŕŘřŚśŞşŠšŢţŤťŪūŮůŰűŲųŹźŻżŽž0123456789“”‘’–—…×·½°•›‹()[]{}@#%&*+=/\\|~^_<>!?;:,.';
    for (const face of FACES) {
      const lacks = new Set<string>();
      showable(signs, face, lacks);
      expect([...lacks], face).toEqual([]);
    }
  });
  it('figures are all as wide as each other, so that times stand under each other', () => {
    for (const face of FACES)
      expect(new Set([...'0123456789'].map((d) => widthOf(d, face, 10).toFixed(3))).size, face).toBe(1);
  });
  it('text is broken into lines that fit, and loses nothing', () => {
    const text =
      'As 1 passes, 5 sets a wide pin for 3 near the right wing; Donaudampfschifffahrtsgesellschaftskapitän';
    const lines = wrap(text, 'body', 10, 90);
    for (const l of lines) expect(widthOf(l, 'body', 10)).toBeLessThanOrEqual(90);
    expect(lines.join('').replace(/ /g, '')).toBe(text.replace(/ /g, ''));
    expect(wrapTo(text, 'body', 10, 90, 2)).toHaveLength(2);
    expect(wrapTo(text, 'body', 10, 90, 2)[1]).toMatch(/…$/);
    expect(cutTo('Long name', 'item', 10, 2)).toBe('');
  });
});
