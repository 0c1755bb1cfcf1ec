import {
  clashesOf,
  cyclesOf,
  entriesOf,
  readPlayText,
  relatedOf,
  spokenOf,
  summarise,
  SummarySchema,
  type PlayRow,
  type RecordBody,
  type RecordKind,
} from '@corkscrew/core';
import { voice } from '@corkscrew/words/voice';
import { describe, expect, it } from 'vitest';

type Kept<K extends RecordKind> = { id: string; body: RecordBody<K> };
const files = import.meta.glob<string>('../../../../demo/**/*.json', {
  eager: true,
  query: '?raw',
  import: 'default',
});
const [[, teamText]] = Object.entries(files).filter(([name]) => name.endsWith('/team.json')) as [
  [string, string],
];
const team = JSON.parse(teamText) as { [K in RecordKind]: Kept<K>[] };
const plays = Object.entries(files).flatMap(([name, text]) => {
  if (!name.includes('/plays/')) return [];
  const read = readPlayText(text);
  if (!read.ok) throw new Error(read.sentence);
  return [read.play];
});
const rows = plays.map((p): PlayRow => ({
  ...{ id: p.id, revision: 1, updatedAt: '', deletedAt: null, card: null, verdict: 'none' },
  summary: SummarySchema.parse(summarise(p)),
}));
const ids = new Set(plays.map((p) => p.id));

describe('what the demo team has beside its plays', () => {
  it('leaves two clashes open, both honest: help said alike, and one word for two things', async () => {
    const spoken = spokenOf(entriesOf(rows, team.series, team.words));
    const all = clashesOf(spoken, await voice(), false);
    const kept = new Set(team.kept.map((k) => k.body.clash));
    const open = all.filter((c) => !kept.has(c.id));
    expect(open.map((c) => [c.is, c.a.text].join(' ')).sort()).toEqual(['sound toe', 'two lee']);
    // Nothing is kept that is no clash.
    expect([...kept].filter((id) => !all.some((c) => c.id === id))).toEqual([]);
  });
  it('names plays that are there: on its sheets, as counters, and as what a line goes into', () => {
    const named = [
      ...team.sheets.flatMap((s) => s.body.sections.flatMap((x) => x.entries.map((e) => e.play))),
      ...plays.flatMap((p) => p.counterTo?.map((c) => c.play) ?? []),
      ...plays.flatMap((p) => [p.ifNothing, ...p.frames.map((f) => f.end)].flatMap((e) => e?.play?.id ?? [])),
    ];
    expect(named.length).toBeGreaterThan(40);
    expect(named.filter((id) => !ids.has(id))).toEqual([]);
  });
  it('has four series of its own, most of them with a counter', () => {
    const adopted = plays.filter((p) => p.status === 'adopted');
    expect(adopted.length).toBe(22);
    const words = new Set(adopted.flatMap((p) => p.series ?? []));
    expect([...words].sort()).toEqual(team.series.map((s) => s.body.word).sort());
    for (const word of words)
      expect(adopted.some((p) => p.series === word && (p.counterTo?.length ?? 0) > 0)).toBe(true);
  });
  it('goes round in five and in three (common practice)', () => {
    const cycles = (name: string) => {
      const round = relatedOf(plays.find((p) => p.name === name)!).round!;
      return { mirrored: round.mirrored, lengths: cyclesOf(round.to).map((c) => c.length) };
    };
    expect(cycles('Tide 1')).toEqual({ mirrored: false, lengths: [5] });
    expect(cycles('Moor 0')).toEqual({ mirrored: false, lengths: [3, 1, 1] });
  });
});
