import { newPlay, printOfPlay, writeBook, writePlay, type Play } from '@corkscrew/core';
import { strToU8, zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { fileName } from '../../ui/save-file.ts';
import { readFiles, reportOf } from './report.ts';
import { isTricky, readAll, UNPACKED } from './unpack.ts';

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
    const zeros = 'x'.repeat(40 * 1024 * 1024);
    const bomb = zip(
      'bomb.zip',
      Object.fromEntries(Array.from({ length: 8 }, (_, i) => [`${i}.json`, zeros])),
    );
    expect(bomb.file.size).toBeLessThan(2 * 1024 * 1024);
    const out = await readAll([bomb]);
    expect(out).toEqual([
      { path: 'bomb.zip', text: null, fault: expect.stringContaining('256 MB') as string },
    ]);
    expect(8 * zeros.length).toBeGreaterThan(UNPACKED.bytes);
  }, 60_000);
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
