import {
  compile,
  courtFor,
  edit,
  leaves,
  lineTo,
  readPlay,
  walkLine,
  walkThrough,
  type Change,
  type Play,
} from '@corkscrew/core';
import { frameScene, PREVIEW, svgMarkup, type Tone } from '@corkscrew/diagram';
import { Random } from './random.ts';

/** What came of breaking documents at random. */
export interface Mutated {
  readonly documents: number;
  /** Those that could still be read. */
  readonly read: number;
  /** Where something threw. */
  readonly crashes: readonly string[];
  /** Drawings, times or sentences with a number in them that is none. */
  readonly nonsense: readonly string[];
  /** Edits that gave a document which can't be read again. */
  readonly unreadable: readonly string[];
}

type Json = Record<string, unknown> | unknown[];

const VALUES = [
  null,
  '',
  '\0',
  'x'.repeat(300),
  -1,
  0,
  1e6,
  -199,
  199.5,
  1e300,
  true,
  [],
  {},
  'a1',
  'f1',
  '3',
  'x3',
  'frame',
  [[]],
  { on: 'a1' },
];

/** Every object and list of a document. */
function places(value: unknown, all: Json[] = []): Json[] {
  if (typeof value !== 'object' || value === null) return all;
  all.push(value as Json);
  for (const inner of Object.values(value)) places(inner, all);
  return all;
}

/** A value of its own: what stands twice in a document must not be one thing, or it could come to hold itself. */
const anew = (value: unknown): unknown => structuredClone(value);

/** Changes a document in one to four places: a value replaced, taken away, doubled, or exchanged with another. */
function broken(play: Play, random: Random): unknown {
  const doc = JSON.parse(JSON.stringify(play)) as Json;
  for (let n = 1 + random.below(4); n > 0; n--) {
    const at = random.of(places(doc));
    const keys = Object.keys(at);
    if (keys.length === 0) continue;
    const key = random.of(keys) as never;
    const kind = random.below(5);
    if (Array.isArray(at)) {
      if (kind === 0) at.splice(Number(key), 1);
      else if (kind === 1) at.push(anew(at[Number(key)]));
      else if (kind === 2) at.reverse();
      else at[Number(key)] = anew(random.of(VALUES));
    } else if (kind === 0) Reflect.deleteProperty(at, key);
    else if (kind === 1) at[key] = anew(at[random.of(keys)]) as never;
    else if (kind === 2 && typeof at[key] === 'number') at[key] = ((at[key] as number) * -3.7) as never;
    else at[key] = anew(random.of(VALUES)) as never;
  }
  return doc;
}

const CHANGES: readonly Change[] = [
  { do: 'flip' },
  { do: 'court', court: 'fiba' },
  { do: 'numbers', to: { '1': '2', '2': '1', '3': '3', '4': '4', '5': '5' } },
  { do: 'addFrame', after: null },
];

/** Every tone in black: only the numbers of a drawing matter here. */
const INK = new Proxy({}, { get: () => '#000' }) as Readonly<Record<Tone, string>>;
const NO_NUMBER = /NaN|Infinity|undefined/;

/** Draws, times, checks and edits a play; says what came out wrong. */
function tryOut(play: Play): { nonsense: string | null; unreadable: string | null } {
  let nonsense: string | null = null;
  const court = courtFor(play);
  for (const leaf of leaves(play)) {
    const line = lineTo(play, leaf.id);
    const walks = walkLine(play, line);
    const drawn = walks.map((walk, i) =>
      svgMarkup(frameScene({ court, walk, next: walks[i + 1], scale: PREVIEW, detail: true }), INK),
    );
    const { timeline } = compile(play, leaf.id, court, play.level);
    const told = walkThrough(play, line).map((f) => f.sentence);
    const odd = [...drawn, ...told].find((text) => NO_NUMBER.test(text));
    if (odd) nonsense = odd.slice(0, 200);
    if (timeline.actions.some((a) => !Number.isFinite(a.start) || !Number.isFinite(a.end)))
      nonsense = 'a time';
  }
  const unreadable = CHANGES.find((c) => {
    const r = edit(play, c);
    return r.ok && !readPlay(r.play).ok;
  });
  return { nonsense, unreadable: unreadable?.do ?? null };
}

/** Breaks so many documents and tries them out: nothing may crash, and nothing that is read may be nonsense. */
export function mutateDocuments(plays: readonly Play[], count: number, seed: number): Mutated {
  const random = new Random(seed);
  const [crashes, nonsense, unreadable]: string[][] = [[], [], []];
  let read = 0;
  for (let n = 0; n < count; n++) {
    const doc = broken(random.of(plays), random);
    try {
      const result = readPlay(doc);
      if (!result.ok) continue;
      read += 1;
      const out = tryOut(result.play);
      if (out.nonsense) nonsense!.push(`${n}: ${out.nonsense}`);
      if (out.unreadable) unreadable!.push(`${n}: ${out.unreadable}`);
    } catch (error) {
      crashes!.push(`${n}: ${(error as Error).message}`);
    }
  }
  return { documents: count, read, crashes: crashes!, nonsense: nonsense!, unreadable: unreadable! };
}
