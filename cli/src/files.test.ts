import { readPlay } from '@corkscrew/core';
import { parse } from 'csv-parse/sync';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { corkscrewLater } from './main.ts';

const folder = mkdtempSync(join(tmpdir(), 'corkscrew-cli-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const PLAY = new URL('../../demo/plays/', import.meta.url).pathname;
const lantern = join(
  PLAY,
  readdirSync(PLAY).find((f) => f.includes('lantern'))!,
);
const at = (name: string): string => join(folder, name);
const cli = async (...args: string[]) => {
  const said: string[] = [];
  const warned: string[] = [];
  const status = await corkscrewLater(args, { say: (t) => said.push(t), warn: (t) => warned.push(t) });
  return { status, said: said.join('\n'), warned: warned.join('\n') };
};

describe('convert', () => {
  it('a play to its script and back is the play', async () => {
    await cli('convert', lantern, '--to', 'script', '--out', at('l.txt'));
    const { said, status } = await cli('convert', at('l.txt'), '--to', 'json');
    expect(status).toBe(0);
    const read = readPlay(JSON.parse(said));
    expect(read).toMatchObject({ ok: true, play: { name: 'Horns Lantern', frames: { length: 6 } } });
  });
  it('many to a playbook, a table, and sentences', async () => {
    const all = readdirSync(PLAY)
      .slice(0, 4)
      .map((f) => join(PLAY, f));
    expect((await cli('convert', ...all, '--to', 'book', '--out', at('book.json'))).status).toBe(0);
    const rows = parse((await cli('convert', at('book.json'), '--to', 'csv')).said) as string[][];
    expect(rows).toHaveLength(5);
    expect((await cli('convert', at('book.json'), '--to', 'md')).said.match(/^# /gm)).toHaveLength(4);
  });
  it('says what can’t be read, and ends with 2', async () => {
    writeFileSync(at('bad.txt'), 'set horns, ball 1\n1:\n  1 flies\n');
    const bad = await cli('convert', at('bad.txt'), lantern, '--to', 'csv');
    expect([bad.status, bad.warned]).toEqual([2, expect.stringContaining('bad.txt:3: “flies”')]);
    expect(bad.said).toContain('Horns Lantern');
    expect((await cli('convert', lantern, '--to', 'docx')).status).toBe(2);
    expect((await cli('convert', at('none.json'), '--to', 'json')).status).toBe(2);
    expect(
      (await cli('convert', lantern, '--to', 'json', '--out', join(folder, 'no', 'such', 'x'))).status,
    ).toBe(2);
  });
});

describe('render', () => {
  // The eight bytes every PNG begins with (ISO/IEC 15948).
  const PNG = [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a];
  it('pages and single frames, as pictures and as a PDF', async () => {
    expect((await cli('render', lantern, '--png', '--out', at('p'))).status).toBe(0);
    expect([...readFileSync(at('p.png')).subarray(0, 8)]).toEqual(PNG);
    expect((await cli('render', lantern, '--svg', '--frame', '2', '--out', at('f'))).status).toBe(0);
    const svg = readFileSync(at('f.svg'), 'utf8');
    expect(svg).toMatch(/^<svg xmlns="http:\/\/www\.w3\.org\/2000\/svg"/);
    expect(svg).not.toMatch(/<script|href=|on\w+=/);
    expect(
      (await cli('render', lantern, '--pdf', '--kind', 'job', '--paper', 'letter', '--out', at('j'))).status,
    ).toBe(0);
    expect(readFileSync(at('j.pdf')).subarray(0, 5).toString()).toBe('%PDF-');
  });
  it('several pages are several pictures', async () => {
    const { said } = await cli('render', lantern, '--svg', '--kind', 'job', '--out', at('many'));
    expect(said.split('\n')).toHaveLength(5);
  });
  it.each([
    [['--svg', '--frame', '99'], 'no frame 99'],
    [['--pdf', '--frame', '1'], 'is a picture'],
    [[], 'As what?'],
    [['--svg', '--kind', 'poster'], 'poster'],
    [['--svg', '--paper', 'a3'], 'a4 or letter'],
    [['--svg', '--frame', 'two'], 'takes a number'],
    [['--nonsense'], 'nonsense'],
  ])('%j is told', async (args, sentence) => {
    const { status, warned } = await cli('render', lantern, ...args);
    expect([status, warned]).toEqual([2, expect.stringContaining(sentence)]);
  });
});

describe('lint-words', () => {
  const table = (name: string, ...rows: string[]) => {
    writeFileSync(at(name), ['standard,means,word', ...rows].join('\n'));
    return at(name);
  };
  it('tells what can’t be told apart in plays, playbooks and tables, and ends with 1 where it is to be mended', async () => {
    const words = table('w.csv', 'coverage.help,,tow', ',the ball side,toe', ',leave him,lee');
    const found = await cli('lint-words', words);
    expect(found.said).toContain('fix    tow and toe sound the same. Nobody can tell them apart by ear.');
    expect(found.said).toMatch(/^3 words, 1 to fix, \d to watch$/m);
    expect([found.status, found.warned]).toEqual([1, '']);
    const json = JSON.parse((await cli('lint-words', words, '--json')).said) as { grave: boolean }[];
    expect(json.filter((f) => f.grave)).toHaveLength(1);
  });
  it('a play that is called like a word of ours is found across files', async () => {
    const one = await cli('lint-words', table('fine.csv', ',leave him,hawser'), lantern);
    expect([one.status, one.said]).toEqual([0, '3 words, 0 to fix, 0 to watch']);
    const [, call] = /call (.+)/.exec((await cli('convert', lantern, '--to', 'script')).said)!;
    const both = await cli('lint-words', table('same.csv', `,leave him,${call!.split(',')[0]}`), lantern);
    expect([both.status, both.said]).toEqual([1, expect.stringContaining('is called twice')]);
  });
  it('by the first letter where a team goes by it', async () => {
    const words = table('letter.csv', 'cut.roll,,hawser');
    expect((await cli('lint-words', words)).said).not.toContain('does not begin');
    expect((await cli('lint-words', words, '--first-letter')).said).toContain('hawser does not begin with R');
  });
  it('says what can’t be read, and ends with 2', async () => {
    const bad = await cli('lint-words', table('bad.csv', ',,nothing'), at('none.csv'), at('none.json'));
    expect(bad.status).toBe(2);
    expect(bad.warned).toMatch(/bad\.csv: Line 2: .nothing. stands for nothing/);
    expect(bad.warned.match(/There is no such file/g)).toHaveLength(2);
    expect((await cli('lint-words')).status).toBe(2);
  });
});
