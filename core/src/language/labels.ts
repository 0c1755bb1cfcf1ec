import type { PlayerId } from '../alignment/library.ts';
import type { Unavailable } from '../gesture/verbs.ts';
import type { Verb } from '../play/document.ts';
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
