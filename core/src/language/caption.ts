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

const CUTS: Record<CutKind, string> = {
  basket: 'cuts to the rim',
  back: 'cuts back door to the rim',
  face: 'cuts in front of his man',
  giveAndGo: 'gives and goes to the rim',
  curl: 'curls to the rim',
  straight: 'comes off to',
  fade: 'fades to',
  pop: 'pops to',
  slip: 'slips to',
  roll: 'rolls to the rim',
  shortRoll: 'rolls short to',
  shuffle: 'cuts off the back screen to',
  rub: 'rubs off the post to',
  overTheTop: 'cuts over the top to',
  shallow: 'cuts shallow to',
  zip: 'zips up to',
  flash: 'flashes to',
  lCut: 'L-cuts to',
  vCut: 'V-cuts to',
  duckIn: 'ducks in at',
  postUp: 'posts up at',
  lift: 'lifts to',
  drift: 'drifts to',
  fill: 'fills',
  replace: 'replaces at',
  exchange: 'exchanges to',
  clear: 'clears to',
  cut45: 'cuts from the weak wing to the rim',
  circleUnder: 'circles under to',
  loop: 'loops to',
  space: 'spaces to',
};
const SCREENS: Record<ScreenKind, string> = {
  onBall: 'screens the ball for',
  stepUp: 'steps up to screen for',
  drag: 'drag-screens for',
  ghost: 'ghosts the screen for',
  rescreen: 'screens again for',
  pinDown: 'pins down for',
  widePin: 'sets a wide pin for',
  back: 'back-screens for',
  flare: 'sets a flare for',
  cross: 'cross-screens for',
  stagger: 'sets a stagger for',
  double: 'doubles the screen for',
  elevator: 'closes the gap behind',
  baseline: 'screens the baseline for',
  seal: 'pins inside for',
  zone: 'screens the zone for',
};
const DRIBBLES: Record<DribbleKind, string> = {
  drive: 'drives to',
  attack: 'attacks to',
  retreat: 'retreats to',
  dribbleAt: 'dribbles at',
  advance: 'brings it to',
  reject: 'rejects the screen to',
  weave: 'weaves to',
};
const PASSES = {
  chest: 'passes to',
  bounce: 'bounces it to',
  pocket: 'slips it in the pocket to',
  lob: 'lobs to',
  skip: 'skips to',
} as const;

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

export function actionWords(
  court: Court,
  walk: FrameWalk,
  step: Step,
  earlier: readonly FrameWalk[] = [],
): string {
  const { action: a, before, after } = step;
  const end = placeWords(court, after.places[a.by]);
  switch (a.does) {
    case 'pass':
      return `${a.by} ${PASSES[passKind({ ...step, action: a })]} ${a.to} ${at(placeWords(court, catchPlace(walk, step, a.to)))}`;
    case 'cut': {
      const kind = cutKind(court, walk, { ...step, action: a }, earlier);
      const used = screenUsed(walk, step);
      const phrase = to(kind ? CUTS[kind] : 'cuts to', end);
      return used && kind !== 'straight'
        ? `${a.by} ${phrase} off ${used.action.by}`
        : used
          ? `${a.by} ${to(`comes off ${used.action.by} to`, end)}`
          : `${a.by} ${phrase}`;
    }
    case 'dribble': {
      const kind = dribbleKind(court, { ...step, action: a });
      return `${a.by} ${to(kind ? DRIBBLES[kind] : 'dribbles to', end)}`;
    }
    case 'screen': {
      const kind = screenKind(court, walk, { ...step, action: a });
      return `${a.by} ${kind ? SCREENS[kind] : 'screens for'} ${a.for} ${at(end)}`;
    }
    case 'handoff':
      return `${a.by} hands off to ${a.to}`;
    case 'shot':
      return `${a.by} shoots from ${placeWords(court, before.places[a.by])}`;
    case 'fake':
      return `${a.by} fakes the ${a.of === 'handoff' ? 'hand off' : a.of}${a.to ? ` to ${a.to}` : ''}`;
    case 'hold':
      return `${a.by} holds`;
    case 'seal':
      return `${a.by} seals ${at(end)}`;
  }
}

/** A frame in plain words: "1 passes to 4 at the left elbow; 3 cuts back door to the rim". */
export function captionOf(court: Court, walk: FrameWalk, earlier: readonly FrameWalk[] = []): string {
  return walk.steps.map((s) => actionWords(court, walk, s, earlier)).join('; ');
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
  goes: 'goes with him',
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
