import { contentOf } from '../play/content.ts';

type Loose = Readonly<Record<string, unknown>>;
type Named = Loose & { readonly id: string };
const isObject = (v: unknown): v is Loose => typeof v === 'object' && v !== null && !Array.isArray(v);
const isNamed = (v: unknown): v is Named => isObject(v) && typeof v.id === 'string';
const isList = (v: unknown): v is readonly Named[] =>
  Array.isArray(v) && v.every(isNamed) && new Set(v.map((x: Named) => x.id)).size === v.length;
const same = (a: unknown, b: unknown): boolean => contentOf(a ?? null) === contentOf(b ?? null);

/** Two changed the same thing otherwise: somebody has to choose. */
const CLASH = Symbol('clash');

/**
 * What two changes of one thing make together, where they are about different parts of it: fields of an object, items of a
 * list that are known by their ids. Null where both changed the same otherwise, or one took away what the other changed.
 * Plain data; none of it is altered.
 */
export function bothChanges<T extends object>(base: T, mine: T, theirs: T): T | null {
  const both = join(base, mine, theirs);
  return both === CLASH ? null : (both as T);
}

function join(base: unknown, mine: unknown, theirs: unknown): unknown {
  if (same(mine, theirs) || same(theirs, base)) return mine;
  if (same(mine, base)) return theirs;
  if (isList(base) && isList(mine) && isList(theirs)) return joinLists(base, mine, theirs);
  if (!isObject(base) || !isObject(mine) || !isObject(theirs)) return CLASH;
  const out: Record<string, unknown> = {};
  for (const key of new Set([...Object.keys(mine), ...Object.keys(theirs)])) {
    const both = join(base[key], mine[key], theirs[key]);
    if (both === CLASH) return CLASH;
    if (both !== undefined) out[key] = both;
  }
  return out;
}

/** Items by their ids: in the order of whoever changed it, and what one added or took away is added and gone. */
function joinLists(base: readonly Named[], mine: readonly Named[], theirs: readonly Named[]): unknown {
  const by = (list: readonly Named[]) => new Map(list.map((x) => [x.id, x]));
  const [was, my, their] = [by(base), by(mine), by(theirs)];
  const order = (list: readonly Named[]): string =>
    list
      .filter((x) => was.has(x.id) && my.has(x.id) && their.has(x.id))
      .map((x) => x.id)
      .join(' ');
  const moved = { mine: order(mine) !== order(base), theirs: order(theirs) !== order(base) };
  if (moved.mine && moved.theirs && order(mine) !== order(theirs)) return CLASH;
  const [lead, other] = moved.theirs ? [theirs, mine] : [mine, theirs];
  const ids = lead.map((x) => x.id);
  // What only the other one has stands behind what it stood behind there.
  other.forEach((x, i) => {
    if (ids.includes(x.id)) return;
    const before = other.slice(0, i).findLast((y) => ids.includes(y.id));
    ids.splice(before ? ids.indexOf(before.id) + 1 : 0, 0, x.id);
  });
  const out: unknown[] = [];
  for (const id of ids) {
    const [old, a, b] = [was.get(id), my.get(id), their.get(id)];
    if (old && (!a || !b)) {
      // Taken away by one: gone, unless the other one changed it meanwhile.
      if (!same(a ?? b, old)) return CLASH;
      continue;
    }
    const both = a && b ? join(old ?? {}, a, b) : (a ?? b);
    if (both === CLASH) return CLASH;
    out.push(both);
  }
  return out;
}
