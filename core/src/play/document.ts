import { z } from 'zod';
import { PLAYERS } from '../alignment/library.ts';

/** The play document, version 1. Unknown fields survive reading and writing: every object is loose. */
export const FORMAT = 'corkscrew-play';
export const VERSION = 1;

/** Limits that keep a document sensible; each refusal names the one it met. */
export const LIMITS = {
  frames: 60,
  actions: 40,
  waypoints: 24,
  name: 80,
  line: 200,
  text: 4000,
  defences: 12,
  silenced: 200,
  bytes: 512 * 1024,
} as const;

const obj = z.looseObject;
const finite = z.number().min(-200).max(200);
const text = (max: number) => z.string().max(max);
const id = z.string().min(1).max(40);

export const PlayerIdSchema = z.enum(PLAYERS);
export const DefenderIdSchema = z.enum(['x1', 'x2', 'x3', 'x4', 'x5']);
export const CourtKeySchema = z.enum(['nfhs', 'ncaa', 'fiba', 'usPro', 'custom']);
export const LevelSchema = z.enum(['youth', 'highSchool', 'college', 'pro']);
/** How fast he goes, slowest first. */
export const TEMPOS = ['walk', 'jog', 'cut', 'sprint'] as const;
export const TempoSchema = z.enum(TEMPOS);

/** A place on the floor in feet, perhaps tied to a named spot. */
export const PlaceSchema = obj({ x: finite, y: finite, spot: text(20).optional() });
/** A point a path goes through; `plant` is a sharp change of direction. */
export const WaypointSchema = obj({
  x: finite,
  y: finite,
  spot: text(20).optional(),
  plant: z.boolean().optional(),
});
const PathSchema = z.array(WaypointSchema).max(LIMITS.waypoints);

export const CueSchema = obj({
  /** 'frame', or the id of another action, perhaps of an earlier frame on the line. */
  on: id,
  event: z
    .enum(['start', 'release', 'catch', 'set', 'used', 'firstDribble', 'pickUp', 'end', 'at'])
    .optional(),
  /** For 'at': the fraction of the path. */
  at: z.number().min(0).max(1).optional(),
  /** Seconds; a count is one second. */
  delay: z.number().min(-30).max(60).optional(),
});

const actionBase = {
  id,
  by: PlayerIdSchema,
  facing: z.number().optional(),
  note: text(LIMITS.line).optional(),
  cue: CueSchema.optional(),
  /** Drifting and spacing that does not hold up the next frame. */
  background: z.boolean().optional(),
};
/** One path walked at several tempos: up to each fraction. */
const StretchSchema = obj({ to: z.number().min(0).max(1), tempo: TempoSchema });
const moving = {
  path: PathSchema.min(1),
  tempo: TempoSchema.optional(),
  stretches: z.array(StretchSchema).max(12).optional(),
};

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
export const PASS_KINDS = ['chest', 'bounce', 'lob', 'skip'] as const;
export const SHOT_KINDS = ['layup', 'jumper', 'floater', 'three', 'hook', 'dunk'] as const;

export const ActionSchema = z.discriminatedUnion('does', [
  obj({ ...actionBase, does: z.literal('pass'), to: PlayerIdSchema, kind: z.enum(PASS_KINDS).optional() }),
  obj({ ...actionBase, does: z.literal('cut'), ...moving, kind: z.enum(CUT_KINDS).optional() }),
  obj({ ...actionBase, does: z.literal('dribble'), ...moving, kind: z.enum(DRIBBLE_KINDS).optional() }),
  obj({
    ...actionBase,
    does: z.literal('screen'),
    path: PathSchema,
    tempo: TempoSchema.optional(),
    for: PlayerIdSchema,
    kind: z.enum(SCREEN_KINDS).optional(),
    /** The direction the screener's back faces, degrees counter-clockwise from +x. */
    angle: z.number().optional(),
    hold: z.number().min(0).max(30).optional(),
    slip: z.boolean().optional(),
    back: z.boolean().optional(),
    called: z.boolean().optional(),
    /** Whom it is set on, when that is not the user's own man: a defender or a zone's man. */
    on: DefenderIdSchema.optional(),
  }),
  obj({ ...actionBase, does: z.literal('handoff'), to: PlayerIdSchema }),
  obj({ ...actionBase, does: z.literal('shot'), kind: z.enum(SHOT_KINDS).optional() }),
  obj({
    ...actionBase,
    does: z.literal('fake'),
    of: z.enum(FAKES),
    to: PlayerIdSchema.optional(),
  }),
  obj({ ...actionBase, does: z.literal('hold'), seconds: z.number().min(0).max(30).optional() }),
  obj({ ...actionBase, does: z.literal('seal'), path: PathSchema.optional() }),
]);

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
  'goes',
  'stays',
  'own',
] as const;
/** What the defence is seen to do, and by whom; 'own' is told in the note. */
export const ReadSchema = obj({
  who: z.array(DefenderIdSchema).max(5).optional(),
  does: z.enum(REACTIONS),
  note: text(LIMITS.line).optional(),
});

export const LookSchema = obj({
  id,
  player: PlayerIdSchema,
  kind: z.enum(['shot', 'pass', 'drive']),
  after: id.optional(),
  order: z.number(),
  note: text(LIMITS.line).optional(),
});

export const FrameSchema = obj({
  id,
  parent: id.nullable(),
  read: ReadSchema.optional(),
  actions: z.array(ActionSchema).max(LIMITS.actions),
  looks: z.array(LookSchema).max(20).optional(),
  title: text(LIMITS.name).optional(),
  caption: text(LIMITS.line * 2).optional(),
});

const DefendersSchema = z.array(DefenderIdSchema).max(5);
/** How a man near the rim is played, beside the words of a read. */
export const POSTS = ['behind', 'threeQuarter', 'front'] as const;

/** A defence to play against. Everything left out is as most teams play it. */
export const DefenceSchema = obj({
  id,
  name: text(LIMITS.name),
  type: z.enum(['man', 'zone']),
  /** Defender to the player he guards. */
  matchup: z.record(z.string(), PlayerIdSchema).optional(),
  zone: text(40).optional(),
  /** The ways of its school that a zone plays otherwise, and whom its chasers chase. */
  schools: z.array(text(40)).max(8).optional(),
  chases: z.record(z.string(), PlayerIdSchema).optional(),
  onBall: z.enum(REACTIONS).optional(),
  handoff: z.enum(REACTIONS).optional(),
  offBall: z.enum(REACTIONS).optional(),
  post: z.enum([...POSTS, ...REACTIONS]).optional(),
  help: z.enum(REACTIONS).optional(),
  /** Who denies his man the ball, and who watches the ball behind whose head one can cut. */
  deny: DefendersSchema.optional(),
  watches: DefendersSchema.optional(),
  /** False: nobody helps when a man is beaten. */
  driveHelp: z.boolean().optional(),
  /** By a screen's or handoff's action id. */
  overrides: z
    .record(z.string(), obj({ does: z.enum(REACTIONS), who: z.array(DefenderIdSchema).optional() }))
    .optional(),
});

const PlacesSchema = obj({
  '1': PlaceSchema,
  '2': PlaceSchema,
  '3': PlaceSchema,
  '4': PlaceSchema,
  '5': PlaceSchema,
});

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

export const PlaySchema = obj({
  format: z.literal(FORMAT),
  version: z.literal(VERSION),
  id,
  name: text(LIMITS.name),
  call: obj({ word: text(LIMITS.name).optional(), signal: text(LIMITS.line).optional() }).optional(),
  series: text(LIMITS.name).optional(),
  court: CourtKeySchema,
  customCourt: obj({
    base: z.enum(['nfhs', 'ncaa', 'fiba', 'usPro']),
    name: text(LIMITS.name).optional(),
    changes: z.record(z.string(), z.number().min(0).max(120)).optional(),
  }).optional(),
  level: LevelSchema,
  women: z.boolean().optional(),
  against: z.array(text(40)).max(12),
  situation: z.array(text(40)).max(12),
  start: obj({
    alignment: text(40).optional(),
    places: PlacesSchema,
    ball: PlayerIdSchema,
    throwIn: z.enum(['baseline', 'sidelineLeft', 'sidelineRight']).optional(),
  }),
  frames: z.array(FrameSchema).min(1).max(LIMITS.frames),
  defences: z.array(DefenceSchema).max(LIMITS.defences).optional(),
  silenced: z
    .array(obj({ code: text(60), at: text(80).optional(), reason: text(LIMITS.line) }))
    .max(LIMITS.silenced)
    .optional(),
  notes: text(LIMITS.text).optional(),
});

/** The fields we know of, without the open end that lets unknown ones survive. */
type Known<T> = T extends readonly (infer U)[]
  ? Known<U>[]
  : T extends object
    ? { [K in keyof T as string extends K ? (unknown extends T[K] ? never : K) : K]: Known<T[K]> }
    : T;

export type Play = Known<z.infer<typeof PlaySchema>>;
export type Frame = Known<z.infer<typeof FrameSchema>>;
export type Action = Known<z.infer<typeof ActionSchema>>;
export type ActionOf<D extends Action['does']> = Extract<Action, { does: D }>;
export type Place = Known<z.infer<typeof PlaceSchema>>;
export type Waypoint = Known<z.infer<typeof WaypointSchema>>;
export type Cue = Known<z.infer<typeof CueSchema>>;
export type Read = Known<z.infer<typeof ReadSchema>>;
export type Look = Known<z.infer<typeof LookSchema>>;
export type Defence = Known<z.infer<typeof DefenceSchema>>;
export type Level = Known<z.infer<typeof LevelSchema>>;
export type Tempo = Known<z.infer<typeof TempoSchema>>;
export type Verb = Action['does'];
