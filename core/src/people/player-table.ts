import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import { SKILL_WORDS } from '../language/people.ts';
import { SKILLS, type Player, type Skill } from './player.ts';

const COLUMN_OF: Readonly<Record<Skill, string>> = Object.fromEntries(
  SKILLS.map((s) => [s, SKILL_WORDS[s].toLowerCase()]),
) as Record<Skill, string>;
/** The columns of a list of players, in their order; a list from elsewhere needs a name and no more. */
export const PLAYER_COLUMNS: readonly string[] = [
  ...['shirt', 'name', 'plays', 'hand', 'height cm', 'year', 'speed'],
  ...SKILLS.map((s) => COLUMN_OF[s]),
];
/** A team has no more men than this on one list. */
const MOST = 60;

/** Players as rows of a table. What a man is cleared for, and when he is away, is not given out. */
export const playerRows = (players: readonly Player[]): Record<string, string>[] =>
  players.map((p) => ({
    ...{ shirt: p.jersey, name: p.name, plays: p.plays.join(' '), hand: p.hand },
    ...{ 'height cm': p.heightCm === undefined ? '' : String(p.heightCm), year: p.year ?? '' },
    speed: String(p.speed),
    ...Object.fromEntries(
      SKILLS.map((s) => [COLUMN_OF[s], p.skills[s] === undefined ? '' : String(p.skills[s])]),
    ),
  }));

type Row = Readonly<Record<string, unknown>>;
interface Kept {
  readonly id: string;
  readonly body: Player;
}
export type PlayersRead =
  | {
      readonly ok: true;
      /** Men of the list: with the id of who is here already under that name, else none. */
      readonly players: readonly { readonly id: string | null; readonly body: Player }[];
      /** What is worth knowing of it: shirts that two men have. */
      readonly told: readonly string[];
    }
  | { readonly ok: false; readonly sentence: string };

/** Something of a row that can't be read. */
class Unread extends Error {}

/**
 * Rows of a table as players: who is here under the same name is changed where the list says something, and keeps what he
 * is cleared for. All of them, or in a sentence with its line the first thing that is wrong: then none is taken.
 */
export function readPlayerRows(rows: readonly Row[], here: readonly Kept[]): PlayersRead {
  const no = (sentence: string): PlayersRead => ({ ok: false, sentence });
  if (rows.length === 0) return no('There are no players in this file.');
  if (rows.length > MOST) return no(`A team has at most ${MOST} players; this file has ${rows.length}.`);
  const columns = Object.keys(rows[0]!);
  if (!columns.includes('name'))
    return no(`The column “name” is missing. The columns are ${PLAYER_COLUMNS.join(', ')}.`);
  const unknown = columns.find((c) => !PLAYER_COLUMNS.includes(c));
  if (unknown !== undefined)
    return no(`“${unknown}” is no column of players. The columns are ${PLAYER_COLUMNS.join(', ')}.`);
  const seen = new Map<string, number>();
  const players: { id: string | null; body: Player }[] = [];
  for (const [i, row] of rows.entries()) {
    const line = i + 2;
    try {
      const name = text(row, 'name', 80);
      if (name === '') throw new Unread('there is no name');
      const before = seen.get(plain(name));
      if (before !== undefined) return no(`Lines ${before} and ${line} are both ${name}.`);
      seen.set(plain(name), line);
      const own = here.find((h) => plain(h.body.name) === plain(name));
      players.push({ id: own?.id ?? null, body: readRow(row, name, own?.body) });
    } catch (error) {
      if (error instanceof Unread) return no(`Line ${line}: ${error.message}.`);
      throw error;
    }
  }
  return { ok: true, players, told: shirtsTwice(players, here) };
}

/** A man with one cell of his row written anew, by the same rules; an emptied figure is none. Or what is wrong with it. */
export function withCell(
  man: Player,
  column: string,
  said: string,
): { readonly ok: true; readonly body: Player } | { readonly ok: false; readonly sentence: string } {
  const value = said.trim();
  const name = column === 'name' ? value : man.name;
  if (name === '') return { ok: false, sentence: 'A player has a name.' };
  try {
    const bare = value === '' ? without(man, column) : man;
    return { ok: true, body: readRow({ [column]: value }, text({ name }, 'name', 80), bare) };
  } catch (error) {
    if (!(error instanceof Unread)) throw error;
    return { ok: false, sentence: `${man.name}: ${error.message}.` };
  }
}

/** A man without what a column says of him. */
function without(man: Player, column: string): Player {
  const { heightCm, year, ...base } = man;
  const skills = Object.fromEntries(
    Object.entries(man.skills).filter(([s]) => COLUMN_OF[s as Skill] !== column),
  );
  return {
    ...base,
    skills,
    ...(column === 'shirt' && { jersey: '' }),
    ...(column === 'plays' && { plays: [] }),
    ...(heightCm !== undefined && column !== 'height cm' && { heightCm }),
    ...(year !== undefined && column !== 'year' && { year }),
  };
}

const NOBODY: Player = {
  ...{ jersey: '', name: '', plays: [], hand: 'right', speed: 1 },
  ...{ skills: {}, cleared: [], out: [] },
};
const plain = (name: string): string => name.normalize('NFC').trim().toLocaleLowerCase();

function readRow(row: Row, name: string, was: Player | undefined): Player {
  const { heightCm: oldHeight, year: oldYear, ...base } = was ?? NOBODY;
  const shirt = text(row, 'shirt', 3);
  const plays = text(row, 'plays', 40);
  const hand = text(row, 'hand', 20).toLowerCase();
  const heightCm = figure(row, 'height cm', 90, 260) ?? oldHeight;
  const year = text(row, 'year', 40) || oldYear;
  const skills = { ...base.skills };
  for (const s of SKILLS) {
    const value = figure(row, COLUMN_OF[s], 0, 5);
    if (value !== undefined) skills[s] = value;
  }
  return {
    ...base,
    ...{ name, skills, speed: figure(row, 'speed', 0.85, 1.15) ?? base.speed },
    jersey: shirt || base.jersey,
    plays: plays === '' ? base.plays : numbers(plays),
    hand: hand === '' ? base.hand : handOf(hand),
    ...(heightCm === undefined ? {} : { heightCm }),
    ...(year === undefined ? {} : { year }),
  };
}

function text(row: Row, column: string, most: number): string {
  const value = row[column];
  const found = typeof value === 'string' ? value.trim() : '';
  if (found.length > most) throw new Unread(`what stands under “${column}” is too long`);
  return found;
}

function figure(row: Row, column: string, least: number, most: number): number | undefined {
  const found = text(row, column, 20);
  if (found === '') return undefined;
  const value = Number(found.replace(',', '.'));
  if (!Number.isFinite(value) || value < least || value > most)
    throw new Unread(`“${found}” under “${column}” is no figure from ${least} to ${most}`);
  return value;
}

function numbers(said: string): PlayerId[] {
  const found = said.split(/[\s,;/]+/u).filter(Boolean);
  const wrong = found.find((n) => !(PLAYERS as readonly string[]).includes(n));
  if (wrong !== undefined) throw new Unread(`“${wrong}” under “plays” is no number from 1 to 5`);
  return [...new Set(found)] as PlayerId[];
}

function handOf(said: string): Player['hand'] {
  if (said === 'r' || said === 'right') return 'right';
  if (said === 'l' || said === 'left') return 'left';
  throw new Unread(`“${said}” under “hand” is neither right nor left`);
}

/** Shirts that two men would have, once the list is taken in. */
function shirtsTwice(
  players: readonly { id: string | null; body: Player }[],
  here: readonly Kept[],
): string[] {
  const after = [
    ...here.filter((h) => !players.some((p) => p.id === h.id)).map((h) => h.body),
    ...players.map((p) => p.body),
  ];
  const by = new Map<string, string[]>();
  for (const { jersey, name } of after) if (jersey) by.set(jersey, [...(by.get(jersey) ?? []), name]);
  return [...by]
    .filter(([, names]) => names.length > 1)
    .map(([shirt, names]) => `${names.join(' and ')} both have shirt ${shirt}.`);
}
