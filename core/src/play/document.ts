import { z } from 'zod';
import { PLAYERS } from '../alignment/library.ts';
import { LIMITS } from './limits.ts';
import {
  COURT_KEYS,
  CUT_KINDS,
  DEFENDERS,
  DRIBBLE_KINDS,
  EVENTS,
  FAKES,
  LEVEL_KEYS,
  LOOK_KINDS,
  PASS_KINDS,
  POSTS,
  REACTIONS,
  SCREEN_KINDS,
  SHOT_KINDS,
  STATUSES,
  TEMPOS,
  THROW_INS,
  VARIANTS,
} from './vocabulary.ts';

/**
 * The play document, version 2. Unknown fields survive reading and writing: every object is loose. What
 * reading accepts never becomes less; what an edit may set is narrower (`gate.ts`).
 */
export const FORMAT = 'corkscrew-play';
export const VERSION = 2;

const obj = z.looseObject;
const coordinate = z.number().min(-200).max(200);
const text = (max: number) => z.string().max(max);
const id = z.string().min(1).max(LIMITS.word);
const word = text(LIMITS.word);

const PlayerIdSchema = z.enum(PLAYERS);
const DefenderIdSchema = z.enum(DEFENDERS);
export const CourtKeySchema = z.enum(COURT_KEYS);
export const LevelSchema = z.enum(LEVEL_KEYS);
export const TempoSchema = z.enum(TEMPOS);

/** A place on the floor in feet, perhaps tied to a named spot. */
export const PlaceSchema = obj({ x: coordinate, y: coordinate, spot: text(LIMITS.spot).optional() });
/** A point a path goes through; `plant` is a sharp change of direction. */
const WaypointSchema = obj({
  x: coordinate,
  y: coordinate,
  spot: text(LIMITS.spot).optional(),
  plant: z.boolean().optional(),
});
const PathSchema = z.array(WaypointSchema).max(LIMITS.waypoints);

const cue = {
  /** 'frame', 'read' (this frame's read is seen), or the id of another action, perhaps of an earlier frame on the line. */
  on: id,
  event: z.enum(EVENTS).optional(),
  /** For 'at': the fraction of the path, or the place it passes nearest to. */
  at: z.number().min(0).max(1).optional(),
  place: PlaceSchema.optional(),
  /** Seconds; a count is one second. */
  delay: z.number().min(-30).max(60).optional(),
};
const CueSchema = obj({
  ...cue,
  /** Others that must hold as well. */
  and: z.array(obj(cue)).max(LIMITS.and).optional(),
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
  stretches: z.array(StretchSchema).max(LIMITS.stretches).optional(),
};

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

/** What the defence is seen to do, and by whom; 'own' is told in the note. */
const ReadSchema = obj({
  who: z.array(DefenderIdSchema).max(5).optional(),
  does: z.enum(REACTIONS),
  /** What it reads: an event of an earlier action. */
  at: obj({ action: id, event: z.enum(EVENTS).optional() }).optional(),
  /** The pass or shot that would deliver the look it is about. */
  look: id.optional(),
  note: text(LIMITS.line).optional(),
});

const LookSchema = obj({
  id,
  /** Who gets the look. */
  player: PlayerIdSchema,
  kind: z.enum(LOOK_KINDS),
  after: id.optional(),
  order: z.number(),
  when: ReadSchema.optional(),
  /** The ending it continues in. */
  frame: id.optional(),
  note: text(LIMITS.line).optional(),
});

/** Another play by its id, and by its name where the other one is missing. */
const other = { play: id, name: text(LIMITS.name) };

/** How a line ends: with a shot, in the set again, or in another play. */
const EndSchema = obj({
  shot: z.boolean().optional(),
  reset: z.enum(['asDrawn', 'flipped']).optional(),
  play: obj({ id, name: text(LIMITS.name) }).optional(),
});

export const FrameSchema = obj({
  id,
  parent: id.nullable(),
  read: ReadSchema.optional(),
  actions: z.array(ActionSchema).max(LIMITS.actions),
  looks: z.array(LookSchema).max(LIMITS.looks).optional(),
  title: text(LIMITS.name).optional(),
  caption: text(LIMITS.caption).optional(),
  /** Of a frame that nothing follows. */
  end: EndSchema.optional(),
});

const DefendersSchema = z.array(DefenderIdSchema).max(5);
/** How one screen or handoff is played otherwise; `own` is as usual. Of a zone: what `who` of it do when a pass or a dribble brings the ball. */
const OverrideSchema = obj({
  does: z.enum(REACTIONS),
  who: z.array(DefenderIdSchema).optional(),
  tag: DefenderIdSchema.optional(),
  help: z.enum(REACTIONS).optional(),
  post: z.enum([...POSTS, ...REACTIONS]).optional(),
});

/** A defence to play against. Everything left out is as most teams play it. */
export const DefenceSchema = obj({
  id,
  name: text(LIMITS.name),
  type: z.enum(['man', 'zone']),
  /** Defender to the player he guards. */
  matchup: z.record(z.string(), PlayerIdSchema).optional(),
  zone: word.optional(),
  /** The ways of its school that a zone plays otherwise, and whom its chasers chase. */
  schools: z.array(word).max(LIMITS.schools).optional(),
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
  /** True: the man on the thrower-in plays off him, before the basket, until the ball is in. */
  offThrower: z.boolean().optional(),
  /** By the action's id: a screen or handoff, against a zone a pass or dribble. */
  overrides: z.record(z.string(), OverrideSchema).optional(),
});

const PlacesSchema = obj({
  '1': PlaceSchema,
  '2': PlaceSchema,
  '3': PlaceSchema,
  '4': PlaceSchema,
  '5': PlaceSchema,
});

/** A counter the coach turned down, so that it is not proposed again. */
const RefusedSchema = obj({
  kind: word,
  by: PlayerIdSchema,
  user: PlayerIdSchema.optional(),
  depth: z.number().optional(),
  does: z.enum(REACTIONS),
  reason: text(LIMITS.line).optional(),
});
/** What a number needs, as the coach has it: added, weighed otherwise, or silenced (weight 0). */
const NeedSchema = obj({ number: PlayerIdSchema, need: word, weight: z.number().optional() });
/** What usually goes wrong. */
const ErrorSchema = obj({
  words: text(LIMITS.line),
  /** What the coach says then. */
  say: text(LIMITS.line).optional(),
  number: PlayerIdSchema.optional(),
  frame: id.optional(),
});
/** What was changed on the practice floor, and when; why, and what came of it. */
const ChangeNoteSchema = obj({
  words: text(LIMITS.line),
  on: word.optional(),
  why: text(LIMITS.line).optional(),
  came: text(LIMITS.line).optional(),
});

export const PlaySchema = obj({
  format: z.literal(FORMAT),
  version: z.literal(VERSION),
  id,
  name: text(LIMITS.name),
  call: obj({
    word: text(LIMITS.name).optional(),
    signal: text(LIMITS.line).optional(),
    figure: word.optional(),
  }).optional(),
  series: text(LIMITS.name).optional(),
  /** Its number in the series: "4", "4A". */
  option: word.optional(),
  purpose: text(LIMITS.line).optional(),
  status: z.enum(STATUSES).optional(),
  /** Where it came from, in the coach's words, and when. */
  origin: obj({ text: text(LIMITS.line), on: word.optional() }).optional(),
  variantOf: obj({ ...other, kind: z.enum(VARIANTS) }).optional(),
  counterTo: z
    .array(obj({ ...other, line: id.optional() }))
    .max(LIMITS.counters)
    .optional(),
  /** For every line that does not say how it ends. */
  ifNothing: EndSchema.optional(),
  refused: z.array(RefusedSchema).max(LIMITS.refused).optional(),
  needs: z.array(NeedSchema).max(LIMITS.needs).optional(),
  errors: z.array(ErrorSchema).max(LIMITS.errors).optional(),
  changes: z.array(ChangeNoteSchema).max(LIMITS.changes).optional(),
  court: CourtKeySchema,
  customCourt: obj({
    base: z.enum(['nfhs', 'ncaa', 'fiba', 'usPro']),
    name: text(LIMITS.name).optional(),
    changes: z.record(z.string(), z.number().min(0).max(120)).optional(),
  }).optional(),
  level: LevelSchema,
  women: z.boolean().optional(),
  against: z.array(word).max(LIMITS.against),
  situation: z.array(word).max(LIMITS.situation),
  start: obj({
    alignment: word.optional(),
    places: PlacesSchema,
    ball: PlayerIdSchema,
    throwIn: z.enum(THROW_INS).optional(),
  }),
  frames: z.array(FrameSchema).min(1).max(LIMITS.frames),
  defences: z.array(DefenceSchema).max(LIMITS.defences).optional(),
  silenced: z
    .array(
      obj({
        code: text(60),
        at: text(80).optional(),
        reason: text(LIMITS.line),
        /** Only on the line through this frame. */
        ending: id.optional(),
      }),
    )
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
/** One thing waited for, without what must hold as well. */
export type PlainCue = Omit<Cue, 'and'>;
export type Read = Known<z.infer<typeof ReadSchema>>;
export type Look = Known<z.infer<typeof LookSchema>>;
export type End = Known<z.infer<typeof EndSchema>>;
export type Defence = Known<z.infer<typeof DefenceSchema>>;
export type Level = Known<z.infer<typeof LevelSchema>>;
export type Tempo = Known<z.infer<typeof TempoSchema>>;
export type Verb = Action['does'];
