import { LIMITS } from '../play/limits.ts';
import { cutText } from '../play/names.ts';
import { RECORD_LIMITS, type Opponent, type Sheet, type SheetEntry, type SheetSection } from './records.ts';
import { defenceByWord } from '../defence/presets.ts';
import type { PlayRow } from './shapes.ts';
import type { PlayRelated } from './relation-shapes.ts';

/** Everything a coach can do to a call sheet: plain data, as changes of plays are. */
export type SheetChange =
  | {
      readonly do: 'head';
      readonly name?: string;
      readonly opponent?: string | null;
      readonly date?: string | null;
    }
  | { readonly do: 'addSection'; readonly id: string; readonly need: string }
  | {
      readonly do: 'section';
      readonly id: string;
      readonly need?: string;
      readonly query?: string;
      readonly weight?: 1 | 2 | 3;
    }
  | { readonly do: 'moveSection'; readonly id: string; readonly to: number }
  | { readonly do: 'removeSection'; readonly id: string }
  /** Entries into a section, before one of it, or at its end. */
  | {
      readonly do: 'add';
      readonly section: string;
      readonly entries: readonly SheetEntry[];
      readonly before?: string;
    }
  /** Entries that are there to another place, perhaps of another section. */
  | {
      readonly do: 'move';
      readonly entries: readonly string[];
      readonly section: string;
      readonly before?: string;
    }
  | {
      readonly do: 'entry';
      readonly id: string;
      readonly number?: string;
      readonly note?: string;
      readonly call?: string;
      /** One ending of it; null is all of it. */
      readonly leaf?: string | null;
    }
  | { readonly do: 'remove'; readonly id: string }
  /** Numbers from 1 on, through all sections. */
  | { readonly do: 'number' };

/** A sheet after a change. What names nothing that is there changes nothing; what would be too much is left out. */
export function changeSheet(sheet: Sheet, change: SheetChange): Sheet {
  const { sections } = sheet;
  const within = (id: string, of: (s: SheetSection) => SheetSection): Sheet => ({
    ...sheet,
    sections: sections.map((s) => (s.id === id ? of(s) : s)),
  });
  switch (change.do) {
    case 'head': {
      const { do: _do, ...said } = change;
      const next = Object.entries({ ...sheet, ...said }).filter(([, v]) => v !== null);
      return Object.fromEntries(next) as unknown as Sheet;
    }
    case 'addSection':
      return sections.length >= RECORD_LIMITS.sections
        ? sheet
        : { ...sheet, sections: [...sections, { id: change.id, need: change.need, weight: 2, entries: [] }] };
    case 'section': {
      const { do: _do, id, ...said } = change;
      return within(id, (s) => {
        const { query, ...rest } = { ...s, ...said };
        return query ? { ...rest, query } : rest;
      });
    }
    case 'moveSection': {
      const one = sections.find((s) => s.id === change.id);
      if (!one) return sheet;
      return { ...sheet, sections: sections.filter((s) => s !== one).toSpliced(change.to, 0, one) };
    }
    case 'removeSection':
      return { ...sheet, sections: sections.filter((s) => s.id !== change.id) };
    case 'add':
      return within(change.section, (s) => into(s, change.entries, change.before));
    case 'move': {
      const moved = change.entries.flatMap(
        (id) => sections.flatMap((s) => s.entries).find((e) => e.id === id) ?? [],
      );
      if (!sections.some((s) => s.id === change.section)) return sheet;
      const without = sections.map((s) => ({ ...s, entries: s.entries.filter((e) => !moved.includes(e)) }));
      return {
        ...sheet,
        sections: without.map((s) => (s.id === change.section ? into(s, moved, change.before) : s)),
      };
    }
    case 'entry': {
      const { do: _do, id, leaf, ...said } = change;
      const changed = ({ leaf: old, ...e }: SheetEntry): SheetEntry => {
        const now = leaf === undefined ? old : (leaf ?? undefined);
        return { ...e, ...said, ...(now === undefined ? {} : { leaf: now }) };
      };
      return {
        ...sheet,
        sections: sections.map((s) => ({
          ...s,
          entries: s.entries.map((e) => (e.id === id ? changed(e) : e)),
        })),
      };
    }
    case 'remove':
      return {
        ...sheet,
        sections: sections.map((s) => ({ ...s, entries: s.entries.filter((e) => e.id !== change.id) })),
      };
    case 'number': {
      let n = 0;
      return {
        ...sheet,
        sections: sections.map((s) => ({
          ...s,
          entries: s.entries.map((e) => ({ ...e, number: String(++n) })),
        })),
      };
    }
  }
}

function into(
  section: SheetSection,
  entries: readonly SheetEntry[],
  before: string | undefined,
): SheetSection {
  const at = section.entries.findIndex((e) => e.id === before);
  const next = section.entries.toSpliced(at < 0 ? section.entries.length : at, 0, ...entries);
  return { ...section, entries: next.slice(0, RECORD_LIMITS.entries) };
}

/** The number after the highest there is. */
export function nextNumber(sheet: Sheet): string {
  const numbers = sheet.sections.flatMap((s) => s.entries.map((e) => Number(e.number)));
  return String(Math.max(0, ...numbers.filter(Number.isFinite)) + 1);
}

/** A play as it is put on a sheet: with its call, and the next number. */
export const entryOf = (sheet: Sheet, id: string, { id: play, summary }: PlayRow): SheetEntry => ({
  id,
  play,
  name: cutText(summary.name, LIMITS.name),
  call: summary.call,
  number: nextNumber(sheet),
  note: '',
});

/** Something about a sheet that its coach wants to know. */
export type SheetTold =
  | { readonly is: 'gone' | 'retired'; readonly entry: string; readonly name: string }
  | { readonly is: 'twice'; readonly entry: string; readonly name: string; readonly need: string }
  | { readonly is: 'number'; readonly entry: string; readonly name: string; readonly number: string }
  /** It has nothing against what the opponent is expected to play. */
  | { readonly is: 'hole'; readonly entry: string; readonly name: string; readonly against: string }
  /** Nothing on the sheet is open against it. */
  | { readonly is: 'nothing'; readonly against: string };

/** What is wrong with a sheet, or worth knowing, in the order of its entries. */
export function sheetTold(
  sheet: Sheet,
  rows: readonly PlayRow[],
  known: (id: string) => PlayRelated | undefined,
  opponent: Opponent | undefined,
): SheetTold[] {
  const told: SheetTold[] = [];
  const entries = sheet.sections.flatMap((section) => section.entries.map((entry) => ({ entry, section })));
  const expects = (opponent?.expects ?? []).filter((word) => defenceByWord(word));
  const numbers = new Map<string, string>();
  entries.forEach(({ entry, section }, i) => {
    const row = rows.find((r) => r.id === entry.play);
    const name = row?.summary.name ?? entry.name;
    const of = { entry: entry.id, name };
    if (!row) told.push({ is: 'gone', ...of });
    else if (row.summary.status === 'retired') told.push({ is: 'retired', ...of });
    const before = entries
      .slice(0, i)
      .find((e) => e.entry.play === entry.play && e.entry.leaf === entry.leaf && e.section === section);
    if (before) told.push({ is: 'twice', ...of, need: section.need });
    // A play may stand in several sections, under the number it is called by.
    const holder = numbers.get(entry.number);
    if (entry.number !== '' && holder !== undefined && holder !== entry.play)
      told.push({ is: 'number', ...of, number: entry.number });
    else numbers.set(entry.number, entry.play);
    for (const against of expects)
      if (row && isFor(row, against) && trialOn(known(entry.play), against)?.state === 'hole')
        told.push({ is: 'hole', ...of, against });
  });
  for (const against of expects) {
    const tried = entries.flatMap(({ entry }) => trialOn(known(entry.play), against) ?? []);
    if (tried.length > 0 && !tried.some((t) => t.state === 'answered')) told.push({ is: 'nothing', against });
  }
  return told;
}

const keyOf = (word: string): string => word.split(':').at(-1)!;
const trialOn = (known: PlayRelated | undefined, word: string) => known?.tried[keyOf(word)];
/** A zone play is not asked about man to man, nor the other way round. */
function isFor({ summary: { against } }: PlayRow, word: string): boolean {
  const wanted = defenceByWord(word)!.type === 'man' ? 'man' : keyOf(word);
  return against.includes(wanted) || against.includes('any');
}
