import type { Court } from '../court/court.ts';
import { isSpotKey, SPOTS, spotByKey, spotPoint, type SpotKey } from '../court/spots.ts';
import type { Place, Waypoint } from '../play/document.ts';
import { DICTIONARY } from '../language/dictionary.ts';
import { lower, nearest } from './near.ts';
import type { Reader } from './reader.ts';
import type { Wording } from './words.ts';

/** What a spot is called: "left corner", "nail". */
const nameOf = (key: SpotKey, { dictionary }: Pick<Wording, 'dictionary'>): string => {
  const { side, family } = spotByKey(key)!;
  return `${side ? `${side} ` : ''}${dictionary[`spot.${family}`].word}`;
};

interface Named {
  readonly words: readonly string[];
  /** More than one where a team has one name for two spots. */
  readonly keys: readonly SpotKey[];
}
const tables = new WeakMap<Wording, ReadonlyMap<string, readonly Named[]>>();
/** Spots by the first word of their names, the longest first. */
function namesOf(wording: Wording): ReadonlyMap<string, readonly Named[]> {
  const kept = tables.get(wording);
  if (kept) return kept;
  const byName = new Map<string, SpotKey[]>();
  for (const { key } of SPOTS) {
    const name = lower(nameOf(key, wording));
    byName.set(name, [...(byName.get(name) ?? []), key]);
  }
  // The trade's names are understood as well, where the team has no other use for them.
  for (const { key } of SPOTS) {
    const name = lower(nameOf(key, { dictionary: DICTIONARY }));
    if (!byName.has(name)) byName.set(name, [key]);
  }
  const out = new Map<string, Named[]>();
  for (const [name, keys] of byName) {
    const words = name.split(' ');
    out.set(words[0]!, [...(out.get(words[0]!) ?? []), { words, keys }]);
  }
  for (const list of out.values()) list.sort((a, b) => b.words.length - a.words.length);
  tables.set(wording, out);
  return out;
}

/** A name that is read back as one name, or the key of it in quotation marks. */
const readable = (name: string): boolean => /^\p{L}[\p{L}\p{N}'’-]*( \p{L}[\p{L}\p{N}'’-]*)*$/u.test(name);

/** A name that means this spot and no other: the team's, else the trade's, else the spot's key in quotation marks. */
function clearName(key: SpotKey, wording: Wording): string {
  const names = namesOf(wording);
  const means = (name: string): boolean => {
    const words = lower(name).split(' ');
    const found = names.get(words[0]!)?.find((n) => n.words.join(' ') === words.join(' '));
    return readable(name) && found?.keys.length === 1 && found.keys[0] === key;
  };
  const clear = [nameOf(key, wording), nameOf(key, { dictionary: DICTIONARY })].find(means);
  return clear ?? JSON.stringify(key);
}

/** The places most plays go to stand first. */
const USUAL: readonly string[] = ['rim', 'corner', 'wing', 'slot', 'top', 'elbow', 'nail', 'block'];
/** What all spots are called, the usual ones first. */
export function spotNames(wording: Wording): string[] {
  const rank = (key: SpotKey): number => (USUAL.indexOf(spotByKey(key)!.family) + 100) % 100;
  const rest = (n: number): number => (n === 99 ? USUAL.length : n);
  return SPOTS.map((s) => s.key)
    .toSorted((a, b) => rest(rank(a)) - rest(rank(b)))
    .map((key) => clearName(key, wording));
}

/** A place as it is written: by its spot where it is there, else by feet, and the spot it belongs to behind. */
export function printPlace(court: Court, place: Place | Waypoint, wording: Wording): string {
  const { spot } = place;
  const feet = `(${place.x}, ${place.y})`;
  if (spot === undefined) return feet;
  if (!isSpotKey(spot)) return `${feet} of ${JSON.stringify(spot)}`;
  const at = spotPoint(court, spot);
  const words = clearName(spot, wording);
  return at.x === place.x && at.y === place.y ? words : `${feet} of ${words}`;
}

function spotNamed(r: Reader, wording: Wording): SpotKey | null {
  const token = r.peek();
  if (token?.type !== 'word') return null;
  const found = namesOf(wording)
    .get(lower(token.text))
    ?.find((n) => n.words.every((w, i) => r.isWord(i, w)));
  if (!found) return null;
  const start = r.place;
  r.word(...found.words);
  const [only, ...others] = found.keys;
  if (others.length === 0) return only!;
  const last = r.peek(-1)!;
  r.back(start);
  const both = found.keys.map((key) => clearName(key, wording));
  return r.fail(
    `“${found.words.join(' ')}” is your name for two places: ${both.join(', or ')}?`,
    { ...token, to: last.to },
    ...both,
  );
}

const NO_PLACE = 'A place stands here: a spot, or two numbers in feet like (4.5, 24.5).';

function feetOf(r: Reader): { x: number; y: number } {
  const x = r.number();
  if (x === null || !r.punct(',')) return r.fail(NO_PLACE);
  const y = r.number();
  if (y === null || !r.punct(')')) return r.fail(NO_PLACE);
  return { x, y };
}

/** Reads a place; what is no place is said, with the spot that may be meant. */
export function readPlace(r: Reader, court: Court, wording: Wording): Place {
  r.word('the');
  const start = r.place;
  const place = placeOf(r, court, wording);
  r.mark('place', start);
  return place;
}

function placeOf(r: Reader, court: Court, wording: Wording): Place {
  if (r.punct('(')) {
    const feet = feetOf(r);
    if (!r.word('of')) return feet;
    const written = r.text();
    const spot = written ?? spotNamed(r, wording);
    return spot === null ? noSpot(r, wording) : { ...feet, spot };
  }
  const quoted = r.text();
  const key = quoted === null ? spotNamed(r, wording) : isSpotKey(quoted) ? quoted : null;
  return key === null ? noSpot(r, wording) : { ...spotPoint(court, key), spot: key };
}

function noSpot(r: Reader, wording: Wording): never {
  const first = r.peek();
  if (first?.type !== 'word') return r.fail(NO_PLACE);
  const second = r.peek(1);
  const two = second?.type === 'word';
  const text = two ? `${first.text} ${second.text}` : first.text;
  const all = SPOTS.map((s) => nameOf(s.key, wording));
  const [whole, one] = [nearest(text, all), nearest(first.text, all)];
  const fix = whole ?? one;
  const at = { ...first, to: two && whole !== undefined ? second.to : first.to };
  const name = whole === undefined ? first.text : text;
  return r.fail(
    `No place is called “${name}”.${fix ? ` ${fix.charAt(0).toUpperCase()}${fix.slice(1)}?` : ''}`,
    at,
    fix,
  );
}

/** A way as it is written: "via (17, 13) then right slot! to top", the word before its end as it is joined. */
export function printWay(
  court: Court,
  path: readonly Waypoint[],
  lead: 'to' | 'at',
  wording: Wording,
): string {
  const all = path.map((p) => `${printPlace(court, p, wording)}${plantOf(p)}`);
  const [end, before] = [all.at(-1), all.slice(0, -1)];
  return [
    ...(before.length > 0 ? [`via ${before.join(' then ')}`] : []),
    ...(end === undefined ? [] : [`${lead} ${end}`]),
  ].join(' ');
}
/** A plant, and one that is said not to be one. */
const plantOf = ({ plant }: Waypoint): string => (plant === undefined ? '' : plant ? '!' : '! !');

/** Reads a way, where one stands here; the words to, at and near before its end may be left out. */
export function readWay(r: Reader, court: Court, wording: Wording): Waypoint[] {
  const point = (): Waypoint => {
    const place = readPlace(r, court, wording);
    if (!r.punct('!')) return place;
    return { ...place, plant: !r.punct('!') };
  };
  const path: Waypoint[] = [];
  if (r.word('via')) {
    path.push(point());
    while (r.word('then')) path.push(point());
  }
  const joined = r.word('to') || r.word('at') || r.word('near');
  const next = r.peek();
  if (joined || (next && (next.type === 'word' || (next.type === 'punct' && next.text === '('))))
    path.push(point());
  return path;
}
