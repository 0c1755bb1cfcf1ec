import { Ajv2020 } from 'ajv/dist/2020.js';
import { parse } from 'csv-parse/sync';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { edit } from '../play/edit.ts';
import { newPlay } from '../play/new-play.ts';
import type { Play } from '../play/document.ts';
import { samplePlay } from '../play/sample.test-data.ts';
import { ODD_VERSION_1 } from '../play/version-1.test-data.ts';
import { summarise } from '../playbook/summary.ts';
import { BookFileSchema, printOfPlay, readFileText, writeBook } from './book-file.ts';
import { howsFor, incoming, standingOf, usualHow, type How } from './import.ts';
import { markdownSheet } from './markdown.ts';
import { bookTable, csvText, neutral, unneutral } from './table.ts';

const named = (id: string, name = id): Play => {
  const p = newPlay({ id, name, court: 'nfhs', level: 'pro', alignment: 'horns', ball: '1' });
  return p;
};
const changed = (play: Play, name: string): Play => {
  const r = edit(play, { do: 'name', name });
  if (!r.ok) throw new Error(r.sentence);
  return r.play;
};

describe('a playbook as a file', () => {
  const team = { id: 't', name: 'Ours' };
  it('is what its schema says, by an independent validator (Ajv), and is read back as it was', () => {
    const plays = [samplePlay(), named('b')];
    const text = writeBook(
      team,
      plays.map((document) => ({ document, revision: 2, earlierHashes: ['c1:x'] })),
      {
        words: [{ id: 'w', body: { word: 'Jetty', key: 'spot.wing' } }],
      },
    );
    const validate = new Ajv2020({ strict: false }).compile(z.toJSONSchema(BookFileSchema, { io: 'input' }));
    expect(validate(JSON.parse(text)), JSON.stringify(validate.errors)).toBe(true);
    const read = readFileText(text);
    expect(read.refused).toEqual([]);
    expect(read.plays.map((p) => p.play)).toEqual(plays);
    expect(read.plays[0]).toMatchObject({ team: 't', earlierHashes: ['c1:x'], hash: printOfPlay(plays[0]) });
    expect(read.records.words).toEqual([{ id: 'w', body: { word: 'Jetty', key: 'spot.wing' } }]);
  });
  it('a play by itself is read, and one of an older format is brought up', () => {
    expect(readFileText(JSON.stringify(named('a'))).plays).toHaveLength(1);
    expect(readFileText(JSON.stringify(ODD_VERSION_1)).plays).toHaveLength(1);
  });
  it('what can’t be read is told with its place, and the rest is read', () => {
    const text = JSON.stringify({
      ...{ format: 'corkscrew-playbook', version: 1 },
      plays: [{ document: named('a') }, { document: { ...named('b'), frames: 'none' } }, { document: null }],
      sheets: [{ id: 's', body: { name: 7 } }],
    });
    const read = readFileText(text);
    expect(read.plays.map((p) => p.play.id)).toEqual(['a']);
    expect(read.refused.map((r) => r.at)).toEqual([
      expect.stringMatching(/^plays\.1/),
      expect.stringMatching(/^plays\.2/),
      expect.stringMatching(/^sheets\.0/),
    ]);
  });
  it.each([
    ['{"format": "corkscrew-playbook",\n "plays": [}', /line 2 can’t be read|before it is over/],
    ['', /no file of plays/],
    ['{"format":"corkscrew-playbook","version":9,"plays":[]}', /newer Corkscrew/],
    ['{"format":"corkscrew-playbook","version":1,"plays":{}}', /no playbook/],
    ['{"flour": 500}', /not a Corkscrew play/],
  ])('%s is refused kindly', (text, sentence) => {
    const { plays, refused } = readFileText(text);
    expect(plays).toEqual([]);
    expect(refused[0]!.sentence).toMatch(sentence);
  });
});

describe('a play of a file beside one that is here', () => {
  const first = named('p', 'First');
  const second = changed(first, 'Second');
  const file = (play: Play, earlier: Play[] = []) => ({
    ...{ play, hash: printOfPlay(play) },
    earlierHashes: earlier.map(printOfPlay),
  });
  const here = (play: Play, earlier: Play[] = []) => ({
    hash: printOfPlay(play),
    earlier: earlier.map(printOfPlay),
  });
  it('is new, the same, older, newer, or differs', () => {
    expect(standingOf(file(first), undefined)).toBe('new');
    expect(standingOf(file(first), here(first))).toBe('same');
    expect(standingOf(file(first), here(second, [first]))).toBe('older');
    expect(standingOf(file(second, [first]), here(first))).toBe('newer');
    expect(standingOf(file(second), here(first))).toBe('differs');
  });
  it('the order of its fields is no difference', () => {
    const turned = Object.fromEntries(Object.entries(first).reverse());
    expect(printOfPlay(turned)).toBe(printOfPlay(first));
  });
  it('nothing of one’s own is written over unless the file is newer', () => {
    for (const s of ['same', 'older', 'differs'] as const) expect(usualHow(s)).not.toBe('replace');
    for (const s of ['new', 'same', 'older', 'newer', 'differs'] as const)
      expect(howsFor(s)).toContain(usualHow(s));
  });
  it('kept beside, it has a name of its own, and what the file says of it goes with it', () => {
    const counter: Play = {
      ...named('c'),
      counterTo: [
        { play: 'p', name: 'First' },
        { play: 'gone', name: 'Gone' },
      ],
    };
    const ending: Play = {
      ...named('e'),
      ifNothing: { play: { id: 'p', name: 'First' } },
      status: 'adopted',
    };
    const all = [
      { of: file(first), how: 'beside' as How },
      { of: file(counter), how: 'add' as How },
      { of: { ...file(ending), team: 'others' }, how: 'replace' as How },
      { of: file(named('x')), how: 'skip' as How },
    ];
    const { plays, ids } = incoming(all, 'ours', () => 'minted');
    expect([...ids]).toEqual([['p', 'minted']]);
    expect(plays.map((p) => [p.play.id, p.how])).toEqual([
      ['minted', 'add'],
      ['c', 'add'],
      ['e', 'replace'],
    ]);
    expect(plays[1]!.play.counterTo).toEqual([
      { play: 'minted', name: 'First' },
      { play: 'gone', name: 'Gone' },
    ]);
    expect(plays[2]!.play).toMatchObject({ status: 'candidate', ifNothing: { play: { id: 'minted' } } });
  });
});

describe('a table', () => {
  it('is read back by another reader (RFC 4180), cell by cell, whatever stands in them', () => {
    const cell = fc.string({ unit: 'binary', maxLength: 12 });
    fc.assert(
      fc.property(fc.array(fc.tuple(cell, cell, cell), { minLength: 1, maxLength: 6 }), (rows) => {
        const text = csvText(rows);
        const read = parse(text, { relax_column_count: false, record_delimiter: '\r\n' }) as string[][];
        expect(read.map((r) => r.map(unneutral))).toEqual(
          rows.map((r) => r.map((c) => unneutral(neutral(c)))),
        );
      }),
    );
  });
  it.each(['=1+1', '+1', '-1', '@SUM(A1)', '\tx'])(
    '%j is no formula in a spreadsheet, and comes back as it was',
    (cell) => {
      expect(csvText([[cell]])).toMatch(/^"?'/);
      expect(unneutral(neutral(cell))).toBe(cell);
    },
  );
  it('has a line a play', () => {
    const play = { ...samplePlay(), name: '=HYPERLINK("x")' };
    const rows = parse(csvText(bookTable([{ id: play.id, summary: summarise(play) }]))) as string[][];
    expect(rows).toHaveLength(2);
    expect(rows[0]).toContain('against');
    expect(unneutral(rows[1]![0]!)).toBe(play.name);
  });
});

describe('a play in Markdown', () => {
  it('tells its frames and endings, and nothing in it is a sign of Markdown', () => {
    const text = markdownSheet({ ...samplePlay(), name: 'A *bold* <b>name</b>', notes: '# not a heading' });
    expect(text.split('\n')[0]).toBe('# A \\*bold\\* &lt;b\\>name&lt;/b\\>');
    expect(text).toContain('\\# not a heading');
    expect(text).toMatch(/^1\. /m);
  });
});
