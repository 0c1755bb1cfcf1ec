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
  frames: { id: string; parent: string | null; actions: Record<string, unknown>[] }[];
}
/** A demo play with one thing changed, as a file. */
function changed(name: string, change: (play: Written) => void): string {
  const play = JSON.parse(readFileSync(demo('low-windmill'), 'utf8')) as Written;
  change(play);
  return file(name, JSON.stringify(play, null, 2));
}

describe('check', () => {
  it('says what it found with its second, and ends with 0 when nothing breaks', () => {
    const { code, said } = run('check', demo('horns-lantern'));
    expect(code).toBe(0);
    expect(said).toMatch(/^Horns Lantern/);
    expect(said).toMatch(/^ +\d+\.\d s {2}(costs|to know)/m);
  });
  it('names endings by their reads, and says once what is true of all of them', () => {
    const { said } = run('check', demo('horns-kite'), '--defence', 'man:show');
    expect(said).toContain('Horns Kite, x5 shows:');
    expect(said).toContain('Horns Kite, Help from the weak corner:');
    expect(said).toContain('Horns Kite, on every ending:');
    expect(said.match(/1 and 4 are 8 ft 6 in apart/g)).toHaveLength(1);
  });
  it('in JSON names their men x1 to x5, and leaves out what is no figure', () => {
    for (const args of [
      ['check', demo('horns-kite'), '--defence', 'own', '--json'],
      ['soft-spots', '--zone', '2-3', '--ball', 'left-wing', '--places', demo('horns-kite'), '--json'],
    ]) {
      const { said } = run(...args);
      expect(said).not.toMatch(/"(margin|jumper|atShot)": null/);
      for (const [, man] of said.matchAll(/"(?:nearest|laneMan|defender)": ("?[^,\n]*)/g))
        expect(man).toMatch(/^"x[1-5]"$/);
    }
  });
  it('a defence it does not know lists every word it does', () => {
    const { code, warned } = run('check', demo('horns-kite'), '--defence', 'man:zigzag');
    expect(code).toBe(2);
    for (const word of ['man:drop', 'man:show', 'man:under', 'zone:2-3', 'zone:box-and-one'])
      expect(warned).toContain(word);
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
    const names = ['low-windmill', 'four-out-chimney'];
    const { code, said } = run('check', ...names.map(demo), '--json');
    const out = JSON.parse(said) as {
      name: string;
      lines: { findings: object[]; metrics: { seconds: number }; timeline: { actions: object[] } }[];
    }[];
    // Every frame that nothing follows is an ending.
    const endings = names.map((name) => {
      const { frames } = JSON.parse(readFileSync(demo(name), 'utf8')) as Written;
      return frames.filter((f) => !frames.some((g) => g.parent === f.id)).length;
    });
    expect(out.map((o) => o.lines.length)).toEqual(endings);
    expect(out[0]!.lines[0]!.metrics.seconds).toBeGreaterThan(3);
    expect(out[0]!.lines[0]!.timeline.actions.length).toBeGreaterThan(3);
    expect(said).not.toContain('"run"');
    expect([0, 1]).toContain(code);
  });
});

describe('answers', () => {
  it('says of every place where they have a choice what the play has against each, and what hurts it most', () => {
    const { code, said } = run('answers', demo('horns-kite'), '--reply');
    expect(code).toBe(0);
    expect(said).toMatch(/^Horns Kite against Show: \d+ answered, \d+ contested, \d+ holes?$/m);
    expect(said).toMatch(/^ {2}5's screen for 1, \d\.\d s$/m);
    expect(said).toMatch(/^ {4}hole +They switch: 5 is not open/m);
    expect(said).toMatch(/^ {4}answered +x5 drops: .*By the ending “x5 drops”\.$/m);
    expect(said).toMatch(/Their best reply: Worth \d\.\d\d/);
  });
  it('in JSON gives the same, with every cell and the boards it was tried on', () => {
    const { said } = run('answers', demo('horns-kite'), '--defence', 'man:switch', '--json');
    const [one] = JSON.parse(said) as {
      rows: { cells: { reaction: string; state: string; boards: number }[] }[];
    }[];
    const cells = one!.rows.flatMap((r) => r.cells);
    expect(cells.length).toBeGreaterThan(8);
    for (const c of cells) expect(['answered', 'contested', 'hole', 'cant', 'never']).toContain(c.state);
    expect(said).not.toContain('null');
  });
  it('against a zone asks what its men may do at each catch that makes them choose', () => {
    const { code, said } = run('answers', demo('zone-lighthouse'));
    expect(code).toBe(0);
    expect(said).toContain("5's catch from 2");
    expect(said).toMatch(/x4 steps up.*answered|answered +x4 steps up/);
  });
  it('without a defence says which one could be named', () => {
    const play = JSON.parse(readFileSync(demo('horns-kite'), 'utf8')) as { defences?: unknown };
    delete play.defences;
    const { code, warned } = run('answers', file('bare.json', JSON.stringify(play)));
    expect(code).toBe(2);
    expect(warned).toContain('--defence');
  });
});

describe('check against a defence', () => {
  it('prints what every instant shows, the passes, the windows and the splits', () => {
    const { said } = run('check', demo('horns-kite'), '--defence', 'man:drop');
    expect(said).toContain('Against Drop:');
    expect(said).toMatch(/^ {4}\d+\.\d s, ball with 1$/m);
    expect(said).toMatch(/^ {6}2 left corner +x\d +\d+\.\d\+? ft/m);
    expect(said).toMatch(/^ {4}pass 1 to 5 at \d\.\d\d s: /m);
    expect(said).toMatch(/^ {4}open 2 from /m);
  });
  it('plays a zone with its soft spots, and the play’s own defence', () => {
    const zone = run('check', demo('zone-lighthouse'), '--defence', 'zone:2-3').said;
    expect(zone).toMatch(/; soft: .* \d\.\d\d s/);
    expect(run('check', demo('zone-lighthouse'), '--defence', 'own').said).toBe(zone);
  });
  it('gives the same as JSON, at another level when asked', () => {
    const { said } = run('check', demo('horns-kite'), '--defence', 'man:switch', '--level', 'pro', '--json');
    const [play] = JSON.parse(said) as {
      lines: { seen: { defence: string; instants: { players: unknown[] }[] } }[];
    }[];
    expect(play!.lines[0]!.seen.defence).toBe('Switch everything');
    expect(play!.lines[0]!.seen.instants.every((i) => i.players.length === 5)).toBe(true);
  });
  it('says which defences and levels there are', () => {
    expect(run('check', demo('horns-kite'), '--defence', 'man:hope')).toMatchObject({
      code: 2,
      warned: expect.stringContaining('man:drop') as string,
    });
    expect(run('check', demo('horns-kite'), '--level', 'moon').warned).toContain('highSchool');
  });
});

describe('soft-spots', () => {
  it('names where a zone is soft, with and without five places', () => {
    const bare = run('soft-spots', '--zone', '2-3', '--ball', 'left-wing');
    expect(bare.code).toBe(0);
    expect(bare.said).toMatch(/^A 2-3, ball at the left wing:\n {2}left corner/);
    const five = file(
      'five.json',
      JSON.stringify({ 1: 'top', 2: 'lw', 3: 'right wing', 4: { x: 0, y: 19 }, 5: 'lk' }),
    );
    const placed = run('soft-spots', '--zone', '2-3', '--ball', 'lw', '--places', five).said;
    expect(placed).toMatch(/^ {2}3: x\d from \d+\.\d ft/m);
    expect(placed).toMatch(/^ {2}split: x\d has /m);
    const json = run(
      'soft-spots',
      '--zone',
      '2-3',
      '--ball',
      'lw',
      '--places',
      demo('zone-lighthouse'),
      '--json',
    );
    expect(JSON.parse(json.said)).toMatchObject({ zone: '2-3', defenders: { length: 5 } });
  });
  it.each([
    [['--zone', '9-9', '--ball', 'top'], 'There is no zone "9-9"'],
    [['--zone', '2-3', '--ball', 'moon'], '"moon" is no place'],
    [['--zone', '2-3', '--ball', 'top', '--school', 'nap'], 'A 2-3 knows no "nap"'],
    [['--zone', '2-3', '--ball', 'top', '--places', 'none.json'], 'none.json is not there'],
    [['--zone', '2-3', '--ball', 'top', '--court', 'moon'], 'There is no court "moon"'],
    [['--zone', '2-3'], 'npm run corkscrew'],
  ])('refuses %j in a sentence', (args, sentence) => {
    const { code, warned } = run('soft-spots', ...args);
    expect(code).toBe(2);
    expect(warned).toContain(sentence);
  });
  it('says whose place is missing or no place', () => {
    const four = file('four.json', JSON.stringify({ 1: 'top', 2: 'lw', 3: 'rw', 4: 'n' }));
    expect(run('soft-spots', '--zone', '2-3', '--ball', 't', '--places', four).warned).toContain(
      'no place for 5',
    );
    const odd = file('odd.json', JSON.stringify({ 1: 'top', 2: 'lw', 3: 'rw', 4: 'n', 5: { x: 'left' } }));
    expect(run('soft-spots', '--zone', '2-3', '--ball', 't', '--places', odd).warned).toContain(
      'the place of 5',
    );
  });
});

describe('timeline', () => {
  it('is the beat sheet of every ending', () => {
    const { code, said } = run('timeline', demo('four-out-chimney'));
    expect(code).toBe(0);
    expect(said).toContain('Chimney, x2 trails');
    expect(said).toContain('Chimney, They switch');
    expect(said.match(/^s 0/gm)).toHaveLength(2);
    expect(said.match(/^[1-5] /gm)).toHaveLength(10);
  });
});

describe('script', () => {
  it('is the play as it is written, and over its file the same play again', () => {
    const { code, said } = run('script', demo('quay-four'));
    expect(code).toBe(0);
    expect(said).toContain('2 lifts to left wing, jog, when 1 passes');
    const written = file('quay.txt', said);
    const back = run('script', written, '--base', demo('quay-four'));
    expect(back.code).toBe(0);
    expect(JSON.parse(back.said)).toEqual(JSON.parse(readFileSync(demo('quay-four'), 'utf8')));
    const alone = JSON.parse(run('script', written).said) as Written;
    expect(alone.frames).toHaveLength(5);
  });
  it('says line by line what can’t be read, and ends with 2', () => {
    const { code, warned } = run('script', file('bad.txt', 'set horns, ball 1\n1:\n  4 popps to rim\n'));
    expect(code).toBe(2);
    expect(warned).toMatch(/bad\.txt:3: “popps” is nothing anybody does here\. Pops\?$/);
    expect(run('script', join(dir, 'nowhere.txt')).warned).toMatch(/There is no such file/);
    expect(run('script', file('x.txt', ''), '--base', join(dir, 'nowhere.json')).code).toBe(2);
    expect(run('script').code).toBe(2);
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
