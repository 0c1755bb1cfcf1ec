import { PLAIN, type Teller } from './teller.ts';
import { nearestSpot, isSpotKey, spotByKey } from '../court/spots.ts';
import type { Court } from '../court/court.ts';
import type { PlayerId } from '../alignment/library.ts';
import type { Unavailable } from '../gesture/verbs.ts';
import type { Place, Read, Verb } from '../play/document.ts';
import {
  catchPlace,
  cutKind,
  dribbleKind,
  passKind,
  screenKind,
  screenUsed,
  type CutKind,
  type DribbleKind,
  type ScreenKind,
} from '../play/kinds.ts';
import type { FrameWalk, Step } from '../play/state.ts';

/** What stands between a man's cut and where it leads: "to" a place, nothing, or the rim itself. */
const LEADS: Partial<Record<CutKind, string>> = {
  basket: 'to the rim',
  back: 'to the rim',
  giveAndGo: 'to the rim',
  curl: 'to the rim',
  roll: 'to the rim',
  cut45: 'to the rim',
  duckIn: 'at',
  postUp: 'at',
  replace: 'at',
  fill: '',
};
/** After the words of a dribble. */
const DRIBBLE_LEADS: Partial<Record<DribbleKind, string>> = { dribbleAt: '' };
/** After the words of a screen; an elevator closes behind a man. */
const SCREEN_LEADS: Partial<Record<ScreenKind, string>> = { elevator: '' };

/** Words for a place: its spot, the spot it is near, or nothing when it is between places. */
export function placeWords(court: Court, place: Place): string {
  if (place.spot && isSpotKey(place.spot)) return article(spotByKey(place.spot)!.words);
  const near = nearestSpot(court, place);
  return near.distance <= 2.7
    ? article(near.spot.words)
    : near.distance <= 6
      ? `near ${article(near.spot.words)}`
      : 'the floor between';
}
const article = (words: string): string => `the ${words}`;
const at = (words: string): string =>
  words.startsWith('near') ? words : words === 'the floor between' ? 'in between' : `at ${words}`;
const to = (phrase: string, words: string): string =>
  phrase.endsWith('the rim')
    ? phrase
    : words.startsWith('near')
      ? `${phrase.replace(/ (to|at)$/, '')} ${words}`
      : `${phrase} ${words === 'the floor between' ? 'open floor' : words}`;

/** "fills the left wing", "curls to the rim off 5": a verb's words, and where it leads. */
const leading = (verb: string, lead: string, place: string): string =>
  to(lead ? `${verb} ${lead}` : verb, place);

/** What a man does, in the words of his team: "2 curls to the rim off 5". `earlier` are the frames before on the line. */
export function actionWords(
  court: Court,
  walk: FrameWalk,
  step: Step,
  earlier: readonly FrameWalk[] = [],
  t: Teller = PLAIN,
): string {
  const { action: a, before, after } = step;
  const { words } = t;
  const end = placeWords(court, after.places[a.by]);
  switch (a.does) {
    case 'pass': {
      const verb = words[`pass.${passKind({ ...step, action: a })}`].third;
      return `${a.by} ${verb} to ${a.to} ${at(placeWords(court, catchPlace(walk, step, a.to)))}`;
    }
    case 'cut': {
      const kind = cutKind(court, walk, { ...step, action: a }, earlier);
      const used = screenUsed(walk, step);
      if (used && (!kind || kind === 'straight'))
        return `${a.by} ${to(`${words['cut.straight'].third} ${used.action.by} to`, end)}`;
      const phrase = leading(words[kind ? (`cut.${kind}` as const) : 'cut'].third, (kind && LEADS[kind]) ?? 'to', end);
      return used ? `${a.by} ${phrase} off ${used.action.by}` : `${a.by} ${phrase}`;
    }
    case 'dribble': {
      const kind = dribbleKind(court, { ...step, action: a });
      const verb = words[kind ? (`dribble.${kind}` as const) : 'dribble'].third;
      return `${a.by} ${leading(verb, (kind && DRIBBLE_LEADS[kind]) ?? 'to', end)}`;
    }
    case 'screen': {
      const kind = screenKind(court, walk, { ...step, action: a });
      const verb = words[kind ? (`screen.${kind}` as const) : 'screen'].third;
      const lead = (kind && SCREEN_LEADS[kind]) ?? 'for';
      return `${a.by} ${lead ? `${verb} ${lead}` : verb} ${a.for} ${at(end)}`;
    }
    case 'handoff':
      return `${a.by} ${words.handoff.third} to ${a.to}`;
    case 'shot':
      return `${a.by} ${words.shot.third} from ${placeWords(court, before.places[a.by])}`;
    case 'fake':
      return `${a.by} ${words.fake.third} the ${words[a.of].word}${a.to ? ` to ${a.to}` : ''}`;
    case 'hold':
      return `${a.by} ${words.hold.third}`;
    case 'seal':
      return `${a.by} ${words.sealOff.third} ${at(end)}`;
  }
}

/** A frame in plain words: "1 passes to 4 at the left elbow; 3 cuts back door to the rim". */
export function captionOf(
  court: Court,
  walk: FrameWalk,
  earlier: readonly FrameWalk[] = [],
  t: Teller = PLAIN,
): string {
  return walk.steps.map((s) => actionWords(court, walk, s, earlier, t)).join('; ');
}

const READS: Record<Read['does'], string> = {
  drop: 'drops',
  level: 'comes to the level',
  show: 'shows',
  under: 'goes under',
  switch: 'They switch',
  trap: 'They trap',
  push: 'pushes to the side',
  trail: 'trails',
  topLock: 'locks on top',
  bump: 'bumps',
  stay: 'stays home',
  deny: 'denies',
  front: 'fronts',
  behind: 'plays behind',
  none: 'No help comes',
  weakCorner: 'Help from the weak corner',
  top: 'Help from the top',
  strongCorner: 'Help from the strong corner',
  rotation: 'They rotate',
  helps: 'helps',
  sags: 'sags off',
  watches: 'watches the ball',
  cheats: 'cheats',
  late: 'is late',
  over: 'goes over',
  sealed: 'is sealed',
  closed: 'It is not there',
  goes: 'goes along',
  stays: 'stays',
  stepsUp: 'steps up',
  own: '',
};
/** A read in words: "x5 drops", "They switch". */
export function readWords(read: Read): string {
  if (read.does === 'own') return read.note ?? 'Another answer';
  const phrase = READS[read.does];
  if (/^[A-Z]/.test(phrase)) return phrase;
  return `${read.who?.length ? read.who.join(' and ') : 'The defender'} ${phrase}`;
}

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
