/**
 * What a man-to-man defender does, in numbers: feet, seconds, ft/s. All from memory of common practice, and
 * found so that the facts of the trade in `facts.test.ts` come out. Reactions are for a grown player; a
 * level stretches them.
 */
export const REACT = { ball: 0.2, off: 0.3, near: 0.2, pass: 0.25, ballWatcher: 0.25 } as const;
/** A man within this of his own man sees him as the man on the ball does. */
export const NEAR = 5;
/** Share of his reaction that a defender reads ahead from the speed he saw. */
export const AHEAD = 0.8;

/** On the ball: how far off, how far when a screen comes, how far from deep, and how much of the way to the rim at most. */
export const ON_BALL = {
  gap: 3,
  tight: 2.2,
  deep: 6,
  deepFrom: 25,
  deepTo: 31,
  least: 1.6,
  share: 0.55,
  lead: 0.12,
} as const;
/** Sliding in front of a dribbler, and running; shares of top speed. */
export const PACE = {
  slide: 0.6,
  run: 0.88,
  slideWithin: 7,
  chase: 0.62,
  over: 0.24,
  under: 0.55,
  overHandoff: 0.5,
  /** He fights over a screen so long; then he slides off the body. */
  fightsFor: 0.4,
  slidesOff: 0.6,
} as const;

/** Off the ball. `oneAway` and `farAway` are feet along the perimeter. */
export const AWAY = {
  oneAway: 24,
  farAway: 50,
  inside: 15,
  withBall: 6,
  gap: 0.32,
  gapAlone: 0.128,
  below: 3.9,
  denyMost: 4,
  denyShare: 0.4,
  denyBelow: 1,
  sag: 0.6,
  sagFar: 0.8,
  sagAlone: 0.3,
  post: 9.5,
  postGap: 2.3,
} as const;

/** Where the man of a thrower-in stands who plays off him: shares of the thrower's place, within feet (from memory). */
export const OFF_THROWER = { x: 0.35, y: 0.55, wide: 6, from: 6.5, to: 16 } as const;

export const BODY = {
  screen: 2.4,
  other: 2,
  rim: 2,
  /** Room he gives a set screen, and a man who stands, when he goes round. */
  roundScreen: 2.65,
  roundMan: 2.3,
  roundOwn: 2.2,
  sees: 9,
  fights: 3.9,
  /** Who goes round a body on one side keeps to it so much longer (s). */
  keepsSide: 0.3,
  /** Nobody goes nearer to a line than this. */
  inBounds: 1,
  hit: 2.5,
  hitFor: 0.3,
  hitKeeps: 0.35,
  blindFor: 0.55,
  blindKeeps: 0.12,
  blindHit: 0.4,
  slow: 4,
  ownSlow: 2,
  /** He steps this far aside for a runner who comes at him from within `steps` feet. */
  steps: 3.6,
  ahead: 0.55,
  aside: 1.8,
} as const;

export const STEER = { carry: 0.9, carryMost: 32, brake: 0.85, near: 6, slack: 3, braking: 1.35 } as const;

/** Denying the ball: feet, seconds, ft/s. */
export const DENY = {
  /** A longer pass needs no denying; a mate so much nearer along the perimeter is between. */
  longest: 30,
  between: 3,
  /** One at the elbow, so near to the rim and to the middle, is not. */
  elbow: 17,
  elbowWide: 10,
  /** A player who breaks to the rim, and where he is there; how long his man turns. */
  breaks: 6,
  inside: 8,
  turn: 0.3,
  /** The low man goes so long after the turn has begun, from within `low` of the rim, no farther out than `deep`. */
  lowAfter: 0.2,
  low: 14,
  deep: 6,
  back: 3,
} as const;

/** A man who is sealed: so long, by one slower than this and this near; what is left of his speed, and how late he is. */
export const SEAL = { most: 4, still: 5, near: 3.4, keeps: 0.06, late: 0.33 } as const;

export const HELP = {
  stuntWithin: 8,
  stuntShort: 1.2,
  stuntAhead: 14,
  stuntFor: 0.8,
  stuntPast: 1,
  drives: 6,
  /** Slower than this the drive is over, ft/s. */
  stops: 3,
  toRim: 0.3,
  beatenToRim: 0.4,
  beatenFront: 0.8,
  beatenOff: 2.6,
  beatenFar: 6,
  /** A big who sits back is still before the ball from here. */
  coverFar: 14,
  passedBy: 1,
  passedOff: 3,
  body: 1.5,
  /** Along the baseline: lower than this at the edge of the lane. */
  laneEdge: 8,
  low: 9.5,
  cornerY: 12,
  cornerX: 12,
  topY: 17,
  sinkX: 0.1,
  sinkY: 12,
  lowWithin: 12,
  outside: 15,
  /** A mate who runs through the lane: his speed, how wide and high that is, and how near to the drive his man. */
  cutter: { runs: 4, wide: 9, high: 19, off: 6 },
  costs: { strongCorner: 0.9, corner: 0.05, top: 0.25, topBaseline: 0.6, near: 0.4, other: 0.15 },
  tagLead: 0.3,
  tagGap: 2.2,
  tagDeep: 11.5,
  bigBack: 3,
} as const;
