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

export const HELP = {
  stuntWithin: 8,
  stuntShort: 1.2,
  stuntAhead: 14,
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
  body: 1.5,
  tagLead: 0.3,
  tagGap: 2.2,
  tagDeep: 11.5,
  bigBack: 3,
} as const;
