import { describe, expect, it } from 'vitest';
import { LIMITS } from '../play/limits.ts';
import { RECORD_LIMITS, recordSave, RECORDS, SheetSchema, type Sheet } from './records.ts';

const entry = { id: 'e', play: 'p', name: 'Quay 4', call: 'Quay', number: '1', note: '' };
const section = { id: 's', need: 'First trips', weight: 2 as const, entries: [entry] };
const sheet = (more: Partial<Sheet> = {}): unknown => ({ name: 'Gorsedale', sections: [section], ...more });
const reads = (value: unknown): boolean => SheetSchema.safeParse(value).success;

describe('what a team keeps beside its plays', () => {
  it('a call sheet, with a day as it is written by machines (ISO 8601)', () => {
    expect(reads(sheet())).toBe(true);
    expect(reads(sheet({ date: '2026-12-04' }))).toBe(true);
    for (const date of ['4.12.2026', '2026-12-4', '', 'tomorrow'])
      expect(reads(sheet({ date })), date).toBe(false);
  });
  it('no sheet without a name, no more needs and calls than anybody reads', () => {
    expect(reads(sheet({ name: '' }))).toBe(false);
    expect(reads(sheet({ name: 'x'.repeat(LIMITS.name + 1) }))).toBe(false);
    const many = (n: number) => Array.from({ length: n }, () => section);
    expect(reads(sheet({ sections: many(RECORD_LIMITS.sections) }))).toBe(true);
    expect(reads(sheet({ sections: many(RECORD_LIMITS.sections + 1) }))).toBe(false);
    const entries = Array.from({ length: RECORD_LIMITS.entries + 1 }, () => entry);
    expect(reads(sheet({ sections: [{ ...section, entries }] }))).toBe(false);
    expect(reads(sheet({ sections: [{ ...section, weight: 4 as never }] }))).toBe(false);
  });
  it.each([
    ['series', { word: 'Quay', order: 1 }, { word: '', order: 1 }],
    [
      'opponents',
      { name: 'Gorsedale', expects: ['man:drop'], five: { '1': 'quick' } },
      { name: 'x', expects: ['x'.repeat(200)] },
    ],
    ['words', { word: 'tow', key: 'coverage.help', forms: { plural: 'tows' } }, { word: '' }],
    ['kept', { clash: 'sound | a | b', reason: 'Never called together' }, { clash: 'x', reason: '' }],
  ] as const)('%s: what can be kept, and what can’t', (kind, good, bad) => {
    expect(RECORDS[kind].safeParse(good).success).toBe(true);
    expect(RECORDS[kind].safeParse(bad).success).toBe(false);
  });
  it('a change says what it is based on; without a body it takes away', () => {
    const save = recordSave('series');
    const body = { word: 'Quay', order: 1 };
    expect(save.safeParse({ revision: 0, sitting: 'a-1', body }).success).toBe(true);
    expect(save.safeParse({ revision: 3, sitting: 'a-1', body: null }).success).toBe(true);
    for (const bad of [
      { revision: -1, sitting: 'a', body },
      { revision: 1.5, sitting: 'a', body },
      // Beyond what a database's integer holds.
      { revision: 2_147_483_647, sitting: 'a', body },
      { revision: 1, sitting: '', body },
      { revision: 1, sitting: 'x'.repeat(41), body },
      { revision: 1, sitting: 'a b', body },
      { revision: 1, sitting: 'a' },
    ])
      expect(save.safeParse(bad).success, JSON.stringify(bad)).toBe(false);
  });
});
