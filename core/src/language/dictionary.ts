import type { Spot } from '../court/spots.ts';
import {
  CUT_KINDS,
  DRIBBLE_KINDS,
  PASS_KINDS,
  SCREEN_KINDS,
  type REACTIONS,
  type Situation,
} from '../play/vocabulary.ts';

/** A word of the trade in the forms it is said in. */
export interface Term {
  /** "curl", "curls". */
  readonly word: string;
  readonly plural: string;
  /** "to curl", "he curls", "curling". */
  readonly base: string;
  readonly third: string;
  readonly ing: string;
}

/** "boxes", "flies", "goes": what takes an s with a vowel before it, or for its y. */
const withS = (w: string): string =>
  /(s|sh|ch|x|z|o)$/.test(w) ? `${w}es` : /[^aeiou]y$/.test(w) ? `${w.slice(0, -1)}ies` : `${w}s`;
/** "slipping", "rolling", "fading": one short vowel doubles what follows it, a silent e goes. */
const withIng = (w: string): string =>
  /^[^aeiou]*[aeiou][^aeiouwxy]$/.test(w)
    ? `${w}${w.at(-1)!}ing`
    : `${/[^aeiou]e$/.test(w) ? w.slice(0, -1) : w}ing`;

/** The regular forms of an English verb; an irregular word says its own. */
export function term(word: string, forms: Partial<Term> = {}): Term {
  const base = forms.base ?? word;
  const [head = '', ...rest] = base.split(' ');
  const tail = rest.length > 0 ? ` ${rest.join(' ')}` : '';
  return { word, plural: withS(word), base, third: withS(head) + tail, ing: withIng(head) + tail, ...forms };
}

const CUTS = {
  basket: term('basket cut', { base: 'cut', ing: 'cutting' }),
  back: term('back door cut', { base: 'cut back door', ing: 'cutting back door' }),
  face: term('face cut', { base: 'cut in front', ing: 'cutting in front' }),
  giveAndGo: term('give and go', {
    plural: 'give and goes',
    third: 'gives and goes',
    ing: 'giving and going',
  }),
  curl: term('curl'),
  straight: term('straight cut', { base: 'come off', ing: 'coming off' }),
  fade: term('fade'),
  pop: term('pop', { ing: 'popping' }),
  slip: term('slip', { ing: 'slipping' }),
  roll: term('roll'),
  shortRoll: term('short roll', { base: 'roll short' }),
  shuffle: term('shuffle cut', { base: 'cut off the back screen', ing: 'cutting off the back screen' }),
  rub: term('rub cut', { base: 'rub off the post', ing: 'rubbing off the post' }),
  overTheTop: term('cut over the top', { plural: 'cuts over the top', ing: 'cutting over the top' }),
  shallow: term('shallow cut', { base: 'cut shallow', ing: 'cutting shallow' }),
  zip: term('zip cut', { base: 'zip up', ing: 'zipping up' }),
  flash: term('flash'),
  lCut: term('L-cut', { ing: 'L-cutting' }),
  vCut: term('V-cut', { ing: 'V-cutting' }),
  duckIn: term('duck-in', { plural: 'duck-ins', base: 'duck in' }),
  postUp: term('post-up', { plural: 'post-ups', base: 'post up' }),
  lift: term('lift'),
  drift: term('drift'),
  fill: term('fill'),
  replace: term('replace'),
  exchange: term('exchange'),
  clear: term('clear-out', { plural: 'clear-outs', base: 'clear' }),
  cut45: term('45 cut', { base: 'cut from the weak wing', ing: 'cutting from the weak wing' }),
  circleUnder: term('circle under', { plural: 'circles under' }),
  loop: term('loop'),
  space: term('spacing', { plural: 'spacings', base: 'space' }),
} as const satisfies Record<(typeof CUT_KINDS)[number], Term>;

const SCREENS = {
  onBall: term('ball screen', { base: 'screen the ball' }),
  stepUp: term('step-up screen', { base: 'step up to screen', ing: 'stepping up to screen' }),
  drag: term('drag screen', { base: 'drag-screen' }),
  ghost: term('ghost screen', { base: 'ghost the screen' }),
  rescreen: term('rescreen', { base: 'screen again' }),
  pinDown: term('pin-down', { plural: 'pin-downs', base: 'pin down', ing: 'pinning down' }),
  widePin: term('wide pin', { base: 'set a wide pin', ing: 'setting a wide pin' }),
  back: term('back screen', { base: 'back-screen' }),
  flare: term('flare', { base: 'set a flare', ing: 'setting a flare' }),
  cross: term('cross screen', { base: 'cross-screen' }),
  stagger: term('stagger', { base: 'set a stagger', ing: 'setting a stagger' }),
  double: term('double screen', { base: 'double the screen' }),
  elevator: term('elevator', { base: 'close the gap behind' }),
  baseline: term('baseline screen', { base: 'screen the baseline' }),
  seal: term('pin inside', { plural: 'pins inside', base: 'pin inside', ing: 'pinning inside' }),
  zone: term('zone screen', { base: 'screen the zone' }),
} as const satisfies Record<(typeof SCREEN_KINDS)[number], Term>;

const DRIBBLES = {
  drive: term('drive'),
  attack: term('attack'),
  retreat: term('retreat dribble', { base: 'retreat' }),
  dribbleAt: term('dribble-at', { plural: 'dribble-ats', base: 'dribble at' }),
  advance: term('advance', { base: 'bring it' }),
  reject: term('reject', { base: 'reject the screen' }),
  weave: term('weave'),
} as const satisfies Record<(typeof DRIBBLE_KINDS)[number], Term>;

const PASSES = {
  chest: term('pass', { plural: 'passes' }),
  bounce: term('bounce pass', { plural: 'bounce passes', base: 'bounce it' }),
  pocket: term('pocket pass', {
    plural: 'pocket passes',
    base: 'slip it in the pocket',
    ing: 'slipping it in the pocket',
  }),
  lob: term('lob', { ing: 'lobbing' }),
  skip: term('skip pass', { plural: 'skip passes', base: 'skip', ing: 'skipping' }),
} as const satisfies Record<(typeof PASS_KINDS)[number], Term>;

const ACTIONS = {
  cut: term('cut', { ing: 'cutting' }),
  dribble: term('dribble'),
  pass: term('pass', { plural: 'passes' }),
  screen: term('screen'),
  handoff: term('handoff', { base: 'hand off' }),
  shot: term('shot', { base: 'shoot' }),
  fake: term('fake'),
  hold: term('hold'),
  sealOff: term('seal'),
} as const;

const COVERAGES = {
  drop: term('drop', { ing: 'dropping' }),
  level: term('level', { base: 'come to the level' }),
  show: term('show'),
  under: term('under', { plural: 'unders', base: 'go under' }),
  over: term('over', { plural: 'overs', base: 'go over' }),
  switch: term('switch'),
  trap: term('trap', { ing: 'trapping' }),
  push: term('push', { base: 'push to the side' }),
  trail: term('trail'),
  topLock: term('top-lock', { base: 'lock on top' }),
  bump: term('bump'),
  deny: term('denial', { plural: 'denials', base: 'deny', third: 'denies' }),
  front: term('front'),
  help: term('help', { plural: 'helps' }),
} as const satisfies Partial<Record<(typeof REACTIONS)[number] | 'help', Term>>;

/** Places, those on a side without it. */
const PLACES = {
  top: term('top'),
  point: term('point'),
  slot: term('slot'),
  wing: term('wing'),
  corner: term('corner'),
  short: term('short corner'),
  block: term('block'),
  midPost: term('mid-post'),
  elbow: term('elbow'),
  nail: term('nail'),
  highPost: term('high post'),
  dunker: term('dunker spot'),
  rim: term('rim'),
  hash: term('hash', { plural: 'hashes' }),
  weakSide: term('weak side'),
  ballSide: term('ball side'),
} as const satisfies Record<Spot['family'] | 'weakSide' | 'ballSide', Term>;

/** What a defence is seen to do, beside its coverages. */
const READS = {
  behind: term('from behind', { base: 'play behind' }),
  stay: term('staying home', { base: 'stay home' }),
  sags: term('sag', { base: 'sag off', ing: 'sagging off' }),
  watches: term('ball watching', { base: 'watch the ball' }),
  cheats: term('cheat'),
  goes: term('going out', { base: 'go out' }),
  stays: term('staying', { base: 'stay' }),
  stepsUp: term('step-up', { base: 'step up', ing: 'stepping up' }),
  weakCorner: term('help from the weak corner', { base: 'help from the weak corner' }),
  top: term('help from the top', { base: 'help from the top' }),
  strongCorner: term('help from the strong corner', { base: 'help from the strong corner' }),
  rotation: term('rotation', { base: 'rotate' }),
} as const satisfies Partial<Record<(typeof REACTIONS)[number], Term>>;

const ZONES = {
  '2-3': term('2-3'),
  '3-2': term('3-2'),
  '1-2-2': term('1-2-2'),
  '1-3-1': term('1-3-1'),
  '2-1-2': term('2-1-2'),
  'box-and-one': term('box-and-one'),
  'triangle-and-two': term('triangle-and-two'),
} as const;

const WHEN = {
  baseline: term('under the basket'),
  sideline: term('from the side'),
  afterTimeout: term('after a time-out'),
  firstTrips: term('first trips'),
  lateClock: term('late clock'),
  needThree: term('need a three'),
  needTwo: term('need a two'),
  keepBall: term('keep the ball'),
  pressure: term('against pressure'),
} as const satisfies Record<Situation, Term>;

/** The trade's standard words by their keys, kinds before the general word: "cut.curl", "cut". A team may have its own. */
const prefixed = <P extends string, T extends Record<string, Term>>(prefix: P, terms: T) =>
  Object.fromEntries(Object.entries(terms).map(([k, v]) => [`${prefix}.${k}`, v])) as {
    readonly [K in keyof T & string as `${P}.${K}`]: Term;
  };

export const DICTIONARY = {
  ...ACTIONS,
  ...prefixed('cut', CUTS),
  ...prefixed('screen', SCREENS),
  ...prefixed('dribble', DRIBBLES),
  ...prefixed('pass', PASSES),
  ...prefixed('coverage', COVERAGES),
  ...prefixed('read', READS),
  ...prefixed('zone', ZONES),
  ...prefixed('spot', PLACES),
  ...prefixed('when', WHEN),
};
export type TermKey = keyof typeof DICTIONARY;
export type Dictionary = Readonly<Record<TermKey, Term>>;
export const isTermKey = (key: string): key is TermKey => Object.hasOwn(DICTIONARY, key);

/** What a word is about: what we do, what they do, where, and when. */
export type WordGroup = 'do' | 'they' | 'place' | 'when';
export function groupOf(key: TermKey): WordGroup {
  const [prefix] = key.split('.');
  if (prefix === 'spot') return 'place';
  if (prefix === 'when') return 'when';
  return prefix === 'coverage' || prefix === 'read' || prefix === 'zone' ? 'they' : 'do';
}
