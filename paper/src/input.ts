import {
  courtFor,
  dictionaryOf,
  teller,
  type ManWord,
  type Opponent,
  type OwnTeaching,
  type PaperOrder,
  type Play,
  type Practice,
  type Season,
  type Series,
  type Sheet,
  type TeamWord,
  type Teller,
  type Verdict,
} from '@corkscrew/core';

/** A play to be printed, with what is kept beside it. */
export interface PaperPlay {
  readonly play: Play;
  /** How often it was saved; absent where nobody counts. */
  readonly revision?: number;
  /** What it has against its defence, where that was judged. */
  readonly verdict?: Verdict | null;
}

/** Everything pages are made from. */
export interface PaperInput {
  readonly team: string;
  /** "2026-12-04". */
  readonly date: string;
  readonly plays: readonly PaperPlay[];
  readonly sheet?: Sheet;
  readonly opponent?: Opponent;
  readonly practice?: Practice;
  readonly season?: Season;
  /** Who is known not to come, by name. */
  readonly away?: readonly string[];
  readonly series?: readonly Series[];
  readonly words?: readonly TeamWord[];
  readonly man?: ManWord;
  readonly makes?: OwnTeaching['makes'];
}

/** Who speaks on paper: in the words, the units and of the players that were asked for. */
export const tellerFor = (play: Play | undefined, order: PaperOrder, input: PaperInput): Teller =>
  teller({
    units: order.units ?? (play && courtFor(play).units === 'metres' ? 'metres' : 'feet'),
    women: play?.women ?? false,
    man: input.man,
    ...(order.ours && input.words?.length ? { words: dictionaryOf(input.words) } : {}),
  });

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
/** "4 Dec 2026". */
export function dateWords(iso: string): string {
  const [year, month, day] = iso.split('-').map(Number);
  return `${day} ${MONTHS[(month ?? 1) - 1]} ${year}`;
}

/** What stands at the right of the foot: whose it is, which version, of when. */
export const footOf = (input: PaperInput, p?: PaperPlay): string =>
  [input.team, p?.revision === undefined ? '' : `version ${p.revision}`, dateWords(input.date)]
    .filter(Boolean)
    .join(', ');
