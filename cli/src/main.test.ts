import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { corkscrew } from './main.ts';

const demo = (name: string): string => join(import.meta.dirname, '../../demo/plays', `${name}.json`);
const dir = mkdtempSync(join(tmpdir(), 'corkscrew-cli-'));
const file = (name: string, text: string): string => {
  const path = join(dir, name);
  writeFileSync(path, text);
  return path;
};
const run = (...args: string[]) => {
  const said: string[] = [];
  const warned: string[] = [];
  const code = corkscrew(args, { say: (t) => said.push(t), warn: (t) => warned.push(t) });
  return { code, said: said.join('\n'), warned: warned.join('\n') };
};

interface Written {
  frames: { actions: Record<string, unknown>[] }[];
}
/** A demo play with one thing changed, as a file. */
function changed(name: string, change: (play: Written) => void): string {
  const play = JSON.parse(readFileSync(demo('low-windmill'), 'utf8')) as Written;
  change(play);
  return file(name, JSON.stringify(play, null, 2));
}

describe('check', () => {
  it('says what it found with its second, and ends with 0 when nothing breaks', () => {
    const { code, said } = run('check', demo('low-windmill'));
    expect(code).toBe(0);
    expect(said).toMatch(/^Windmill: \d+\.\d s, 3 frames, first look at \d+\.\d s/);
    expect(said).toMatch(/^ +\d+\.\d s {2}(costs|to know)/m);
  });
  it('ends with 1 when a play breaks', () => {
    const broken = changed('broken.json', (p) =>
      p.frames[0]!.actions.unshift({ id: 'zz', by: '5', does: 'shot' }),
    );
    const { code, said } = run('check', broken);
    expect(code).toBe(1);
    expect(said).toContain('illegal');
    expect(said).toContain("5 can't shoot");
  });
  it('writes findings, figures and times of every ending as JSON', () => {
    const { code, said } = run('check', demo('low-windmill'), demo('four-out-chimney'), '--json');
    const out = JSON.parse(said) as {
      name: string;
      lines: { findings: object[]; metrics: { seconds: number }; timeline: { actions: object[] } }[];
    }[];
    expect(out.map((o) => o.lines.length)).toEqual([1, 2]);
    expect(out[0]!.lines[0]!.metrics.seconds).toBeGreaterThan(3);
    expect(out[0]!.lines[0]!.timeline.actions.length).toBeGreaterThan(3);
    expect(said).not.toContain('"run"');
    expect([0, 1]).toContain(code);
  });
});

describe('timeline', () => {
  it('is the beat sheet of every ending', () => {
    const { code, said } = run('timeline', demo('four-out-chimney'));
    expect(code).toBe(0);
    expect(said).toContain('Chimney, ending 1');
    expect(said).toContain('Chimney, ending 2');
    expect(said.match(/^s 0/gm)).toHaveLength(2);
    expect(said.match(/^[1-5] /gm)).toHaveLength(10);
  });
});

describe('files that can’t be read', () => {
  it('a missing one', () => {
    expect(run('check', join(dir, 'none.json'))).toMatchObject({
      code: 2,
      warned: expect.stringContaining('There is no such file') as string,
    });
  });
  it('broken text, with its line', () => {
    const bad = file('bad.json', '{\n  "format": "corkscrew-play",\n  "version": 1,\n  "frames": [,]\n}');
    const { code, warned } = run('check', bad);
    expect(code).toBe(2);
    expect(warned).toMatch(/bad\.json:4: This file is broken here: value expected\./);
  });
  it('a wrong field, with its line and path; the other files are checked all the same', () => {
    const wrong = changed('wrong.json', (p) => {
      p.frames[1]!.actions[0]!.by = '7';
    });
    const { code, warned, said } = run('check', wrong, demo('low-windmill'));
    expect(code).toBe(2);
    expect(warned).toMatch(/wrong\.json:\d+: frames\.1\.actions\.0\.by: /);
    const line = Number(/wrong\.json:(\d+)/.exec(warned)![1]);
    expect(readFileSync(wrong, 'utf8').split('\n')[line - 1]).toContain('"7"');
    expect(said).toContain('Windmill');
  });
  it('one from the future', () => {
    const newer = file('newer.json', '{ "format": "corkscrew-play", "version": 99 }');
    expect(run('check', newer).warned).toMatch(
      /newer\.json:1: version: This play was made by a newer Corkscrew/,
    );
  });
});

it('without a command, or with an unknown option, it says how it is used', () => {
  expect(run()).toMatchObject({ code: 2, warned: expect.stringContaining('npm run corkscrew') as string });
  expect(run('check', '--colour', 'x').code).toBe(2);
  expect(run('--help')).toMatchObject({
    code: 0,
    said: expect.stringContaining('npm run corkscrew') as string,
  });
});
