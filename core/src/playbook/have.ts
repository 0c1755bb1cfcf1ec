import type { PlayerId } from '../alignment/library.ts';
import type { Trial } from '../answers/trial.ts';
import { PRESETS } from '../defence/presets.ts';
import { SITUATIONS, type Situation } from '../play/vocabulary.ts';
import type { PlayRelated, Relations } from './relation-shapes.ts';
import type { PlayRow } from './shapes.ts';

/** What a play has for something that is needed. */
export interface Has {
  /** Null: nobody has judged it yet, or nobody plays against it. */
  readonly state: Trial['state'] | null;
  /** Who gets the look, and when (s). */
  readonly player: PlayerId | null;
  readonly at: number | null;
}

/** The play that comes nearest to what we lack, and how. */
interface Nearest extends Has {
  readonly play: string;
  /** It is drawn for another defence; thrown in from somewhere else; has this look first of all. */
  readonly how: 'against' | 'thrownIn' | 'first';
}

/** One thing we need: a defence they play, or a moment of a game. */
export interface Need {
  readonly key: string;
  readonly is: 'defence' | 'situation';
  /** By the play's id, of the plays that are for it. */
  readonly has: Readonly<Record<string, Has>>;
  /** Nothing of ours is more than a hole there. */
  readonly empty: boolean;
  readonly nearest: Nearest | null;
}

/** A look by then is one for the end of the clock (s; common practice). */
const LATE = 4;

/** What we have for every usual defence and every moment of a game, and what we lack. Retired plays don't count. */
export function whatWeHave(rows: readonly PlayRow[], relations: Relations): Need[] {
  const plays = rows
    .filter((r) => r.summary.status !== 'retired')
    .map((row) => ({ row, known: relations.plays[row.id] }));
  const need = (
    key: string,
    is: Need['is'],
    has: Record<string, Has>,
    nearest: () => Nearest | null,
  ): Need => {
    const empty = !Object.values(has).some((h) => h.state !== 'hole');
    return { key, is, has, empty, nearest: empty ? nearest() : null };
  };
  const defences = PRESETS.map(({ key, defence }) => {
    const word = defence.type === 'man' ? 'man' : key;
    const tried = plays.flatMap(({ row, known }) => {
      const trial = known?.tried[key];
      return trial ? [{ row, trial }] : [];
    });
    const claims = ({ against }: PlayRow['summary']): boolean =>
      against.includes(word) || against.includes('any');
    const has = Object.fromEntries(
      plays
        .filter(({ row }) => claims(row.summary))
        .map(({ row, known }) => [row.id, trialled(known?.tried[key])]),
    );
    return need(key, 'defence', has, () => {
      const [best] = tried
        .filter(({ row, trial }) => !claims(row.summary) && trial.state !== 'hole')
        .sort((a, b) => better(a.trial, b.trial));
      return best ? { play: best.row.id, how: 'against', ...trialled(best.trial) } : null;
    });
  });
  const situations = SITUATIONS.map((key) => {
    const has = Object.fromEntries(
      plays
        .filter(({ row, known }) => row.summary.situation.includes(key) || shows(key, known))
        .map(({ row, known }) => [row.id, judged(row, lookFor(key, known))]),
    );
    return need(key, 'situation', has, () => nearestFor(key, plays));
  });
  return [...defences, ...situations];
}

const trialled = (trial: Trial | undefined): Has =>
  trial
    ? { state: trial.state, player: trial.player, at: trial.at }
    : { state: null, player: null, at: null };
const better = (a: Trial, b: Trial): number =>
  Number(b.state === 'answered') - Number(a.state === 'answered') || b.worth - a.worth;

/** A play for a moment of the game is as good as its answers: complete, or with a hole. */
function judged({ verdict }: PlayRow, look: PlayRelated['chances'][number] | undefined): Has {
  const state = typeof verdict === 'object' ? (verdict.hole ? 'contested' : 'answered') : null;
  return { state, player: look?.player ?? null, at: look?.at ?? null };
}

type Known = PlayRelated | undefined;

/** The look that a situation asks for; of most the first there is. */
function lookFor(key: Situation, known: Known): PlayRelated['chances'][number] | undefined {
  const { chances = [] } = known ?? {};
  if (key === 'needThree') return chances.find((c) => c.shot === 'three');
  if (key === 'needTwo') return chances.find((c) => c.shot !== 'three');
  return chances[0];
}

/** What a play is for by itself: a look that comes soon enough. */
export const shows = (key: Situation, known: Known): boolean =>
  key === 'lateClock' && (known?.chances[0]?.at ?? Infinity) <= LATE;

function nearestFor(
  key: Situation,
  plays: readonly { readonly row: PlayRow; readonly known: Known }[],
): Nearest | null {
  const looks = plays.flatMap(({ row, known }) => {
    const look = lookFor(key, known);
    return look ? [{ row, look }] : [];
  });
  const first = (of: typeof looks, how: Nearest['how']): Nearest | null => {
    const [best] = of.sort((a, b) => a.look.at - b.look.at);
    return best ? { play: best.row.id, how, ...judged(best.row, best.look) } : null;
  };
  switch (key) {
    case 'baseline':
    case 'sideline': {
      const other = key === 'baseline' ? 'sideline' : 'baseline';
      return first(
        looks.filter(({ row }) => row.summary.situation.includes(other)),
        'thrownIn',
      );
    }
    case 'lateClock':
    case 'needThree':
    case 'needTwo':
      return first(looks, 'first');
    default:
      return null;
  }
}
