import type { PlayerId } from '../alignment/library.ts';
import type { Unavailable } from '../gesture/verbs.ts';
import type { Play, Verb } from '../play/document.ts';
import type { Situation } from '../play/vocabulary.ts';
import type { ManWord } from './teller.ts';

/** A verb on a button. */
export const VERB_WORDS: Readonly<Record<Verb, string>> = {
  cut: 'Cut',
  dribble: 'Dribble',
  pass: 'Pass',
  screen: 'Screen',
  handoff: 'Hand off',
  shot: 'Shoot',
  fake: 'Fake',
  hold: 'Hold',
  seal: 'Seal',
};

/** Why a verb is not to be had for a man just now. */
export const UNAVAILABLE_WORDS: Readonly<Record<Unavailable, (who: PlayerId) => string>> = {
  noBall: (who) => `${who} hasn’t got the ball.`,
  pickedUp: (who) => `${who} has picked up the dribble.`,
  hasBall: (who) => `${who} has the ball: it is a dribble.`,
};

/** What a play is against, on a button or a card: "Man", "Any", "2-3". */
export const againstWords = (against: string, man: ManWord = 'man'): string =>
  against === 'man' ? (man === 'man' ? 'Man' : 'Player') : against === 'any' ? 'Any' : against;

/** The same in full: "Man to man", "Any defence", "A 2-3". */
export const againstInFull = (against: string, man: ManWord = 'man'): string =>
  against === 'man'
    ? man === 'man'
      ? 'Man to man'
      : 'Player to player'
    : against === 'any'
      ? 'Any defence'
      : `A ${against}`;

/** When a play is called, on a chip or at the head of a row. */
export const SITUATION_WORDS: Readonly<Record<Situation, string>> = {
  baseline: 'Under the basket',
  sideline: 'From the side',
  afterTimeout: 'After a time-out',
  firstTrips: 'First trips',
  lateClock: 'Late clock',
  needThree: 'Need a three',
  needTwo: 'Need a two',
  keepBall: 'Keep the ball',
  pressure: 'Against pressure',
};
/** A situation of a play in words: one of ours, or the coach's own. */
export const situationWords = (key: string): string => SITUATION_WORDS[key as Situation] ?? key;

/** Where a play stands in the playbook. */
export const STATUS_WORDS: Readonly<Record<NonNullable<Play['status']>, string>> = {
  candidate: 'Candidate',
  adopted: 'Adopted',
  retired: 'Retired',
};

/** A measure of a court, as a coach would pace it out. */
export const MEASURE_WORDS: Readonly<Record<string, string>> = {
  length: 'Length of the court',
  width: 'Width of the court',
  laneWidth: 'Width of the lane',
  freeThrowY: 'Baseline to free-throw line',
  arcRadius: 'Three-point arc, from the rim',
  cornerX: 'Three-point line in the corner, from the middle',
  circleRadius: 'Radius of the circles',
  hashY: 'Baseline to throw-in line',
  restrictedRadius: 'No-charge arc, from the rim',
  rimY: 'Baseline to the middle of the rim',
  backboardY: 'Baseline to the board',
};
