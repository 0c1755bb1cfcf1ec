/** Words that a play document may use, each list closed: a new word raises the version of the document. */

/** Theirs, as a coach numbers them; a zone's men in the order of its table. */
export const DEFENDERS = ['x1', 'x2', 'x3', 'x4', 'x5'] as const;
export type DefenderId = (typeof DEFENDERS)[number];

/** How fast he goes, slowest first. */
export const TEMPOS = ['walk', 'jog', 'cut', 'sprint'] as const;
export const COURT_KEYS = ['nfhs', 'ncaa', 'fiba', 'usPro', 'custom'] as const;
export const LEVEL_KEYS = ['youth', 'highSchool', 'college', 'pro'] as const;
/** What of an action another may wait for. */
export const EVENTS = [
  'start',
  'release',
  'catch',
  'set',
  'used',
  'firstDribble',
  'pickUp',
  'end',
  'at',
] as const;
export const CUT_KINDS = [
  'basket',
  'back',
  'face',
  'giveAndGo',
  'curl',
  'straight',
  'fade',
  'pop',
  'slip',
  'roll',
  'shortRoll',
  'shuffle',
  'rub',
  'overTheTop',
  'shallow',
  'zip',
  'flash',
  'lCut',
  'vCut',
  'duckIn',
  'postUp',
  'lift',
  'drift',
  'fill',
  'replace',
  'exchange',
  'clear',
  'cut45',
  'circleUnder',
  'loop',
  'space',
] as const;
export const SCREEN_KINDS = [
  'onBall',
  'stepUp',
  'drag',
  'ghost',
  'rescreen',
  'pinDown',
  'widePin',
  'back',
  'flare',
  'cross',
  'stagger',
  'double',
  'elevator',
  'baseline',
  'seal',
  'zone',
] as const;
export const DRIBBLE_KINDS = [
  'drive',
  'attack',
  'retreat',
  'dribbleAt',
  'advance',
  'reject',
  'weave',
] as const;
export const FAKES = ['pass', 'handoff', 'screen', 'shot'] as const;
export const PASS_KINDS = ['chest', 'bounce', 'lob', 'skip', 'pocket'] as const;
export const SHOT_KINDS = ['layup', 'jumper', 'floater', 'three', 'hook', 'dunk'] as const;

export const LOOK_KINDS = ['shot', 'pass', 'drive', 'keep'] as const;

/** What a defence may be seen to do: on the ball, off it, on passes and in the post, as help, by any man, by a zone. */
export const REACTIONS = [
  'drop',
  'level',
  'show',
  'under',
  'switch',
  'trap',
  'push',
  'trail',
  'topLock',
  'bump',
  'stay',
  'deny',
  'front',
  'none',
  'weakCorner',
  'top',
  'strongCorner',
  'rotation',
  'behind',
  'helps',
  'sags',
  'watches',
  'cheats',
  'late',
  'over',
  'sealed',
  'closed',
  'goes',
  'stays',
  'stepsUp',
  'own',
] as const;

/** How a man near the rim is played, beside the words of a read. */
export const POSTS = ['behind', 'threeQuarter', 'front'] as const;
export const THROW_INS = ['baseline', 'sidelineLeft', 'sidelineRight'] as const;
export const AGAINST = [
  'man',
  '2-3',
  '3-2',
  '1-2-2',
  '1-3-1',
  '2-1-2',
  'box-and-one',
  'triangle-and-two',
  'any',
] as const;
export const STATUSES = ['candidate', 'adopted', 'retired'] as const;
/** When a play is called. The list of a play is open: what is none of these is its own words. */
export const SITUATIONS = [
  'baseline',
  'sideline',
  'afterTimeout',
  'firstTrips',
  'lateClock',
  'needThree',
  'needTwo',
  'keepBall',
  'pressure',
] as const;
export type Situation = (typeof SITUATIONS)[number];
export const VARIANTS = ['zone', 'man', 'side', 'level'] as const;
/** Where a defence has a choice. */
export const POINT_KINDS = ['onBall', 'offBall', 'handoff', 'tag', 'drive', 'entry', 'pass', 'zone'] as const;
