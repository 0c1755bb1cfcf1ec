import { newPlay, printOfPlay, writeBook, writePlay, type Play } from '@corkscrew/core';
import { strToU8, zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { fileName } from '../../ui/save-file.ts';
import { readFiles, reportOf } from './report.ts';
import { isTricky, readAll } from './unpack.ts';

const play = (id: string): Play =>
  newPlay({ id, name: `Play ${id}`, court: 'fiba', level: 'youth', alignment: 'horns', ball: '1' });
const file = (path: string, text: string) => ({ path, file: new Blob([text]) });
const zip = (path: string, files: Record<string, string>) => ({
  path,
  file: new Blob([
    zipSync(
      Object.fromEntries(Object.entries(files).map(([n, t]) => [n, strToU8(t)])),
    ) as Uint8Array<ArrayBuffer>,
  ]),
});

describe('files that are given', () => {
  it('a mixed folder: plays, a playbook, a written play, a zip, and what is none of these', async () => {
    const texts = await readAll([
      file('plays/a.json', writePlay(play('a'))),
      file('plays/book.json', writeBook(undefined, [{ document: play('b') }, { document: play('c') }])),
      file('plays/written.txt', 'play "Written"\nset horns, ball 1\n1:\n  1 passes to 4\n'),
      file('plays/bad.txt', 'set horns, ball 1\n1:\n  1 flies\n'),
      file('plays/broken.json', '{"format"'),
      file('plays/photo.jpg', 'x'),
      file('plays/.DS_Store', 'x'),
      zip('more.zip', {
        'in/d.json': writePlay(play('d')),
        'in/note.pdf': 'x',
        'a.json': writePlay(play('a')),
      }),
    ]);
    const read = readFiles(texts);
    expect(read.plays.map((p) => p.of.play.name).sort()).toEqual([
      'Play a',
      'Play b',
      'Play c',
      'Play d',
      'Written',
    ]);
    const refused = read.refused.map((r) => [r.path, r.at].filter(Boolean).join(' '));
    expect(refused).toEqual(
      [
        'plays/bad.txt line 3',
        'plays/broken.json',
        'plays/photo.jpg',
        'more.zip › in/note.pdf',
        'more.zip › a.json',
      ].sort((a, b) => refused.indexOf(a) - refused.indexOf(b)),
    );
    const report = reportOf(read, [
      { id: 'a', name: 'Play a', hash: printOfPlay(play('a')), earlier: [], trashed: false },
    ]);
    expect(report.rows.find((r) => r.of.play.id === 'a')).toMatchObject({ standing: 'same', how: 'skip' });
    expect(report.rows.find((r) => r.of.play.id === 'b')).toMatchObject({ standing: 'new', how: 'add' });
  });
  it('a path that leads out of a zip is refused, wherever it leads', async () => {
    for (const bad of ['../x.json', 'a/../../x.json', '/etc/x.json', 'C:\\x.json', '..\\x.json'])
      expect(isTricky(bad), bad).toBe(true);
    for (const good of ['a/b.json', 'a..b.json', '...json']) expect(isTricky(good), good).toBe(false);
    const [first] = await readAll([zip('evil.zip', { '../evil.json': writePlay(play('e')) })]);
    expect(first).toMatchObject({ text: null, fault: expect.stringContaining('leads out') as string });
  });
  it('a zip that swells beyond all measure is given up while it is unpacked', async () => {
    const most = { bytes: 1024 * 1024, files: 20, one: 1024 * 1024 };
    const zeros = 'x'.repeat(128 * 1024);
    const swollen = (n: number) =>
      zip('bomb.zip', Object.fromEntries(Array.from({ length: n }, (_, i) => [`${i}.json`, zeros])));
    const bomb = swollen(9);
    expect(bomb.file.size).toBeLessThan(16 * 1024);
    const told = (fault: string) => [{ path: 'bomb.zip', text: null, fault }];
    expect(await readAll([bomb], undefined, most)).toEqual(
      told('It swells to more than 1 MB: it is not read.'),
    );
    expect(await readAll([swollen(8)], undefined, most)).toHaveLength(8);
    // By itself, many small files in it are too many as well.
    const small = zip(
      'bomb.zip',
      Object.fromEntries(Array.from({ length: 21 }, (_, i) => [`${i}.json`, '1'])),
    );
    expect(await readAll([small], undefined, most)).toEqual(told('It holds more than 20 files.'));
  });
  it('a file that is too large, and too many of them', async () => {
    const most = { bytes: 8 * 1024 * 1024, files: 3, one: 1000 };
    const [large] = await readAll([file('a.json', 'x'.repeat(1001))], undefined, most);
    expect(large).toMatchObject({ text: null, fault: 'This file is too large for a playbook.' });
    const many = await readAll(
      Array.from({ length: 6 }, (_, i) => file(`${i}.json`, '{}')),
      undefined,
      most,
    );
    expect(many.map((f) => f.fault)).toEqual([
      undefined,
      undefined,
      undefined,
      'Only 3 files are read at once.',
    ]);
  });
  it('a damaged zip, and one that is none, are told', async () => {
    const whole = new Uint8Array(await zip('x.zip', { 'a.json': writePlay(play('a')) }).file.arrayBuffer());
    const cut = await readAll([{ path: 'cut.zip', file: new Blob([whole.slice(0, whole.length / 3)]) }]);
    expect(cut.every((f) => f.text === null)).toBe(true);
    expect((await readAll([file('none.zip', 'hello')]))[0]).toMatchObject({ text: null });
  });
  it('a name is one a file may have on any machine', () => {
    expect(fileName('../../etc/passwd')).toBe('etc-passwd');
    expect(fileName('<b>Quay 4</b>')).toBe('b-Quay-4-b');
    expect(fileName('///')).toBe('play');
  });
});
