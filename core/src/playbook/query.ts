import type { PlayerId } from '../alignment/library.ts';
import { ZONE_PRESETS, MAN_PRESETS } from '../defence/presets.ts';
import { situationWords } from '../language/labels.ts';
import { STATUSES, type Situation } from '../play/vocabulary.ts';
import { shows } from './have.ts';
import type { PlayRelated } from './relation-shapes.ts';
import type { PlayRow } from './shapes.ts';

/** One thing a play is asked for. */
export type Wanted =
  /** A play for this defence: 'man', 'zone', or a zone's key. */
  | { readonly is: 'against'; readonly key: string }
  /** Open against a way a man-to-man defence plays. */
  | { readonly is: 'open'; readonly key: string }
  | { readonly is: 'situation'; readonly key: Situation }
  | { readonly is: 'within'; readonly seconds: number }
  | { readonly is: 'shot'; readonly shot: 'three' | 'rim' | 'two' }
  | { readonly is: 'side'; readonly side: 'left' | 'right' }
  | { readonly is: 'for'; readonly player: PlayerId }
  | { readonly is: 'notFor'; readonly player: PlayerId }
  | { readonly is: 'denied'; readonly player: PlayerId }
  | { readonly is: 'status'; readonly status: (typeof STATUSES)[number] }
  | { readonly is: 'hole'; readonly has: boolean };

export interface Query {
  readonly wanted: readonly Wanted[];
  /** What is left: words a play's name, call, series or alignment has. */
  readonly words: readonly string[];
}

const NUMBER = '([1-5])';
const SECONDS = '(\\d+(?:[.,]\\d+)?)\\s*(?:s|sec|secs|second|seconds)?';

type Phrase = readonly [RegExp, (m: RegExpMatchArray) => Wanted];
const phrase = (pattern: string, of: (m: RegExpMatchArray) => Wanted): Phrase => [
  new RegExp(`(?<![\\w-])(?:${pattern})(?![\\w-])`, 'u'),
  of,
];
const situation = (pattern: string, key: Situation): Phrase =>
  phrase(pattern, () => ({ is: 'situation', key }));
const player = (m: RegExpMatchArray): PlayerId => m.slice(1).find((x) => x !== undefined) as PlayerId;

/** What a coach says when he looks for a play (common practice), the longer phrases first. */
const PHRASES: readonly Phrase[] = [
  situation('under (?:the|our) basket|baseline|base line', 'baseline'),
  situation('from the side|side ?line|side out', 'sideline'),
  situation('after (?:a )?time-?\\s?outs?|time-?\\s?outs?', 'afterTimeout'),
  situation('first (?:\\w+ )?trips?', 'firstTrips'),
  situation('late clock|end of (?:the )?clock|last shot', 'lateClock'),
  situation('need(?:s)? a three', 'needThree'),
  situation('need(?:s)? a two', 'needTwo'),
  situation('keep (?:the )?ball', 'keepBall'),
  situation('(?:against )?pressure|press', 'pressure'),
  phrase(
    `(?:first )?looks? (?:with)?in ${SECONDS}|(?:with)?in ${SECONDS}|under ${SECONDS}|at most ${SECONDS}|${SECONDS} (?:left|or less)`,
    (m) => ({ is: 'within', seconds: Number(player(m).replace(',', '.')) }),
  ),
  phrase(
    `${NUMBER} (?:is )?denied|den(?:y|ies|ying) ${NUMBER}|x${NUMBER} denies|they deny ${NUMBER}`,
    (m) => ({ is: 'denied', player: player(m) }),
  ),
  phrase(`not for ${NUMBER}|without ${NUMBER}|${NUMBER} (?:is )?(?:out|missing)|no ${NUMBER}`, (m) => ({
    is: 'notFor',
    player: player(m),
  })),
  phrase(`for ${NUMBER}`, (m) => ({ is: 'for', player: player(m) })),
  ...[...ZONE_PRESETS].map(({ key }) =>
    phrase(`(?:against |versus |vs\\.? )?(?:an? )?${key.replaceAll('-', '[- ]')}`, () => ({
      is: 'against',
      key,
    })),
  ),
  phrase('(?:against |versus |vs\\.? )?(?:man[- ]to[- ]man|player[- ]to[- ]player|man)', () => ({
    is: 'against',
    key: 'man',
  })),
  phrase('(?:against |versus |vs\\.? )?(?:an? )?zones?', () => ({ is: 'against', key: 'zone' })),
  ...MAN_PRESETS.filter((p) => p.key !== 'pressure').map(({ key }) =>
    phrase(
      `(?:against |versus |vs\\.? )?(?:they |an? )?(?:${key}(?:s|es|ing|ping)?)(?: everything)?`,
      () => ({
        is: 'open',
        key,
      }),
    ),
  ),
  phrase('(?:ends? in )?(?:an? )?(?:three|threes|three-pointer|3pt)', () => ({ is: 'shot', shot: 'three' })),
  phrase('(?:ends? )?(?:at the )?(?:rim|lay-?ups?)', () => ({ is: 'shot', shot: 'rim' })),
  phrase('(?:ends? in )?(?:an? )?(?:two|mid-?range|jumper)', () => ({ is: 'shot', shot: 'two' })),
  phrase('(?:on )?(?:the )?(left|right)(?: side)?', (m) => ({ is: 'side', side: m[1] as 'left' | 'right' })),
  phrase('no holes?|without (?:a )?holes?', () => ({ is: 'hole', has: false })),
  phrase('(?:has )?(?:a )?holes?', () => ({ is: 'hole', has: true })),
  ...STATUSES.map((status) => phrase(`${status}s?`, () => ({ is: 'status' as const, status }))),
];

/** Words that say nothing of a play. */
const SMALL = new Set(
  'a an the and or with play plays of on in to that is it we they need against look looks first end ends'.split(
    ' ',
  ),
);

const plain = (s: string): string => s.toLocaleLowerCase().normalize('NFKD').replace(/\p{M}/gu, '');

/** Reads what was typed: every phrase it knows is something wanted, the rest are words to be found. */
export function readQuery(text: string): Query {
  let rest = plain(text);
  const wanted: { at: number; of: Wanted }[] = [];
  for (const [pattern, of] of PHRASES)
    for (let m = pattern.exec(rest); m; m = pattern.exec(rest)) {
      const what = of(m);
      if (!wanted.some((w) => JSON.stringify(w.of) === JSON.stringify(what)))
        wanted.push({ at: m.index, of: what });
      // What is taken leaves a gap of the same length, so that what follows keeps its place.
      rest = `${rest.slice(0, m.index)}${'·'.repeat(m[0].length)}${rest.slice(m.index + m[0].length)}`;
    }
  const words = rest.split(/[\s,;·]+/u).filter((w) => w !== '' && !SMALL.has(w));
  return { wanted: wanted.sort((a, b) => a.at - b.at).map((w) => w.of), words };
}

const SHOTS = { three: 'a three', rim: 'at the rim', two: 'a two' } as const;

/** Something wanted, as it stands on a chip. */
export function wantedWords(w: Wanted): string {
  switch (w.is) {
    case 'against':
      return `Against ${w.key === 'zone' ? 'a zone' : w.key}`;
    case 'open':
      return `Open against: ${MAN_PRESETS.find((p) => p.key === w.key)!.defence.name.toLowerCase()}`;
    case 'situation':
      return situationWords(w.key);
    case 'within':
      return `Look within ${w.seconds} s`;
    case 'shot':
      return w.shot === 'rim' ? 'At the rim' : `Ends in ${SHOTS[w.shot]}`;
    case 'side':
      return `On the ${w.side}`;
    case 'for':
      return `For ${w.player}`;
    case 'notFor':
      return `Not for ${w.player}`;
    case 'denied':
      return `${w.player} is denied`;
    case 'status':
      return w.status === 'candidate' ? 'Candidates' : w.status === 'adopted' ? 'Adopted' : 'Retired';
    case 'hole':
      return w.has ? 'With a hole' : 'No hole';
  }
}

/** A play that was asked for, and why; of one that lacks something, what it lacks. */
export interface FoundPlay {
  readonly row: PlayRow;
  readonly reasons: readonly string[];
  readonly lacks: readonly string[];
}

type Known = PlayRelated | undefined;
type Chance = PlayRelated['chances'][number];
interface Told {
  readonly ok: boolean;
  readonly says: string | null;
  /** More is better. */
  readonly worth?: number;
}

/** The plays asked for, the best first; where there are none those that lack one thing only. */
export function findPlays(
  rows: readonly PlayRow[],
  known: (id: string) => Known,
  query: Query,
): { readonly found: readonly FoundPlay[]; readonly near: readonly FoundPlay[] } {
  const asks = query.wanted.some((w) => w.is === 'status');
  const scored = rows
    // What is retired is not offered, unless it is asked for.
    .filter((row) => asks || row.summary.status !== 'retired')
    .filter((row) => hasWords(row, query.words))
    .map((row) => ({ row, ...judge(row, known(row.id), query) }));
  const order = (a: (typeof scored)[number], b: (typeof scored)[number]): number =>
    b.worth - a.worth || a.at - b.at || a.row.summary.name.localeCompare(b.row.summary.name);
  const show = ({ row, reasons, lacks }: (typeof scored)[number]): FoundPlay => ({ row, reasons, lacks });
  return {
    found: scored
      .filter((s) => s.lacks.length === 0)
      .sort(order)
      .map(show),
    near: scored
      .filter((s) => s.lacks.length === 1)
      .sort(order)
      .map(show),
  };
}

function hasWords({ summary: s }: PlayRow, words: readonly string[]): boolean {
  const text = plain(
    [
      s.name,
      s.call,
      s.signal,
      s.series,
      s.option,
      s.purpose,
      s.alignmentName ?? '',
      ...s.against,
      ...s.situation.map(situationWords),
    ].join(' '),
  );
  return words.every((w) => text.includes(w));
}

function judge(row: PlayRow, known: Known, { wanted }: Query) {
  const told = wanted.flatMap((w) => (isOfLook(w) ? [] : [{ w, ...ofPlay(w, row, known) }]));
  const ofLook = wanted.filter(isOfLook);
  const look = ofLook.length > 0 ? bestLook(known?.chances ?? [], ofLook) : null;
  const first = look?.chance ?? known?.chances[0];
  const lacksLook = look && !look.all ? look.missing.map((w) => lackWords(w)) : [];
  return {
    reasons: [...told.flatMap((t) => (t.ok && t.says ? [t.says] : [])), ...(first ? [lookWords(first)] : [])],
    lacks: [...told.filter((t) => !t.ok).map((t) => t.says ?? lackWords(t.w)), ...lacksLook],
    worth: told.reduce((n, t) => n + (t.worth ?? 0), 0),
    at: first?.at ?? Infinity,
  };
}

type OfLook = Extract<Wanted, { is: 'within' | 'shot' | 'side' | 'for' | 'notFor' }>;
const isOfLook = (w: Wanted): w is OfLook => ['within', 'shot', 'side', 'for', 'notFor'].includes(w.is);

/** The look that has most of what is wanted of one, the earliest of equals. */
function bestLook(chances: readonly Chance[], wanted: readonly OfLook[]) {
  let best: { chance: Chance | null; missing: readonly OfLook[]; all: boolean } = {
    chance: null,
    missing: wanted,
    all: false,
  };
  for (const chance of chances) {
    const missing = wanted.filter((w) => !lookHas(chance, w));
    if (!best.chance || missing.length < best.missing.length)
      best = { chance, missing, all: missing.length === 0 };
  }
  return best;
}

function lookHas(c: Chance, w: OfLook): boolean {
  switch (w.is) {
    case 'within':
      return c.at <= w.seconds;
    case 'shot':
      return c.shot === w.shot;
    case 'side':
      return c.side === w.side;
    case 'for':
      return c.player === w.player;
    case 'notFor':
      return c.player !== w.player;
  }
}

const lookWords = (c: Chance): string =>
  `${c.player} ${c.shot === 'rim' ? 'at the rim' : `for ${SHOTS[c.shot]}`}${c.side === 'middle' ? '' : ` on the ${c.side}`} at ${c.at.toFixed(1)} s`;

function lackWords(w: Wanted): string {
  switch (w.is) {
    case 'within':
      return `no such look within ${w.seconds} s`;
    case 'shot':
      return w.shot === 'rim' ? 'not at the rim' : `not for ${SHOTS[w.shot]}`;
    case 'side':
      return `not on the ${w.side}`;
    case 'for':
      return `not for ${w.player}`;
    case 'notFor':
      return `only for ${w.player}`;
    default:
      return `not: ${wantedWords(w).toLowerCase()}`;
  }
}

const ZONES = new Set(ZONE_PRESETS.map((p) => p.key));

function ofPlay(w: Exclude<Wanted, OfLook>, { summary, verdict }: PlayRow, known: Known): Told {
  switch (w.is) {
    case 'against': {
      const meant = (a: string): boolean => a === 'any' || a === w.key || (w.key === 'zone' && ZONES.has(a));
      const trial = known?.tried[w.key];
      const says = trial ? `${trial.state} against ${w.key}, ${trial.worth.toFixed(2)}` : null;
      return summary.against.some(meant)
        ? { ok: true, says, worth: trial?.worth ?? 0 }
        : {
            ok: false,
            says: `not drawn for ${w.key === 'zone' ? 'a zone' : w.key}`,
            worth: trial?.worth ?? 0,
          };
    }
    case 'open': {
      const trial = known?.tried[w.key];
      const name = MAN_PRESETS.find((p) => p.key === w.key)!.defence.name.toLowerCase();
      const read = known?.chances.some((c) => c.reads.some((r) => r.split(' ')[0] === w.key));
      return trial?.state === 'answered'
        ? {
            ok: true,
            says: `${read ? 'reads it, ' : ''}open against ${name}, ${trial.worth.toFixed(2)}`,
            worth: trial.worth,
          }
        : {
            ok: false,
            says: trial ? `${trial.state} against ${name}` : `not tried against ${name}`,
            worth: trial?.worth ?? 0,
          };
    }
    case 'situation': {
      return { ok: summary.situation.includes(w.key) || shows(w.key, known), says: null };
    }
    case 'denied': {
      const x = `x${w.player}`;
      const reads = known?.chances.filter((c) =>
        c.reads.some((r) => /^(deny|topLock|front)\b/.test(r) && (!/\bx[1-5]\b/.test(r) || r.includes(x))),
      );
      const others = known?.chances.filter((c) => c.player !== w.player);
      if (reads?.length) return { ok: true, says: `has an ending where ${w.player} is denied`, worth: 1 };
      const without = known !== undefined && others?.length === known.chances.length && others.length > 0;
      return without ? { ok: true, says: `goes without ${w.player}` } : { ok: false, says: null };
    }
    case 'status':
      return { ok: summary.status === w.status, says: null };
    case 'hole': {
      const hole = typeof verdict === 'object' && verdict.hole !== null;
      return { ok: typeof verdict === 'object' && hole === w.has, says: null };
    }
  }
}
