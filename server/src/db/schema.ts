import type {
  PaperOrder,
  PlanOrder,
  PlanRow,
  PaperRow,
  Defaults,
  Defence,
  OwnTeaching,
  RecordBody,
  Related,
  Relation,
  Trial,
  Verdict,
} from '@corkscrew/core';
import {
  bigint,
  customType,
  doublePrecision,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  serial,
  text,
  timestamp,
  uniqueIndex,
} from 'drizzle-orm/pg-core';

const bytea = customType<{ data: Buffer; driverData: Buffer }>({ dataType: () => 'bytea' });
const when = (name: string) => timestamp(name, { withTimezone: true });

export const teams = pgTable('teams', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  /** Limits of the walk-through that this team teaches otherwise. */
  school: jsonb('school').$type<OwnTeaching>().notNull().default({}),
  /** Defences it keeps for every play. */
  defences: jsonb('defences').$type<Defence[]>().notNull().default([]),
  /** What a new play starts with. */
  defaults: jsonb('defaults').$type<Defaults>().notNull().default({}),
  /** Counts every change to the list of its plays: lists are asked for by it, and kept under it. */
  playsVersion: bigint('plays_version', { mode: 'number' }).notNull().default(0),
  createdAt: when('created_at').notNull().defaultNow(),
});

const teamId = () =>
  text('team_id')
    .notNull()
    .references(() => teams.id);

/** Players and staff; no screen uses them yet. */
export const people = pgTable('people', {
  id: text('id').primaryKey(),
  teamId: teamId(),
  name: text('name').notNull(),
  role: text('role', { enum: ['coach', 'assistant', 'player'] }).notNull(),
});

/** The document as it was sent, beside what lists need, derived from it. */
export const plays = pgTable(
  'plays',
  {
    teamId: teamId(),
    id: text('id').notNull(),
    revision: integer('revision').notNull(),
    document: jsonb('document').$type<unknown>().notNull(),
    summary: jsonb('summary').$type<object>().notNull(),
    card: jsonb('card').$type<unknown>().notNull(),
    /** Which way of deriving made summary and card; an older one is made anew by a job. */
    derived: integer('derived').notNull().default(0),
    /** What of the document its verdict depends on; empty when nobody plays against it. */
    judged: text('judged').notNull().default(''),
    /** What of the document its relations depend on, and what it was compared as; empty when never. */
    related: text('related').notNull().default(''),
    compared: text('compared').notNull().default(''),
    /** The save that made this revision, as its sender named it. */
    lastSave: text('last_save'),
    createdAt: when('created_at').notNull().defaultNow(),
    updatedAt: when('updated_at').notNull().defaultNow(),
    deletedAt: when('deleted_at'),
  },
  (t) => [
    primaryKey({ columns: [t.teamId, t.id] }),
    index('plays_team_updated').on(t.teamId, t.updatedAt),
    index('plays_derived').on(t.derived),
  ],
);

/** What plays have against their defences, by what it was judged from; null what takes too long. */
export const verdicts = pgTable(
  'verdicts',
  {
    teamId: teamId(),
    document: text('document').notNull(),
    engine: integer('engine').notNull(),
    /** What of the team's settings counts. */
    settings: text('settings').notNull(),
    verdict: jsonb('verdict').$type<Verdict>(),
    madeAt: when('made_at').notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.teamId, t.document, t.engine, t.settings] })],
);

/** What of plays is compared, by what it was made from; null what takes too long. */
export const related = pgTable(
  'related',
  {
    teamId: teamId(),
    content: text('content').notNull(),
    engine: integer('engine').notNull(),
    body: jsonb('body').$type<Related>(),
    madeAt: when('made_at').notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.teamId, t.content, t.engine] })],
);

/** What two plays have in common, as they were when they were compared; each pair once. */
export const relations = pgTable(
  'relations',
  {
    teamId: teamId(),
    a: text('a').notNull(),
    b: text('b').notNull(),
    contentA: text('content_a').notNull(),
    contentB: text('content_b').notNull(),
    engine: integer('engine').notNull(),
    body: jsonb('body').$type<Relation>().notNull(),
  },
  (t) => [primaryKey({ columns: [t.teamId, t.a, t.b] }), index('relations_b').on(t.teamId, t.b)],
);

/** The best plays have against defences, by what it was made from; null what takes too long. */
export const trials = pgTable(
  'trials',
  {
    teamId: teamId(),
    document: text('document').notNull(),
    defence: text('defence').notNull(),
    engine: integer('engine').notNull(),
    settings: text('settings').notNull(),
    body: jsonb('body').$type<Trial>(),
    madeAt: when('made_at').notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.teamId, t.document, t.defence, t.engine, t.settings] })],
);

/** What the team keeps beside its plays: series, call sheets, opponents, one row each. */
export const records = pgTable(
  'records',
  {
    teamId: teamId(),
    kind: text('kind').notNull(),
    id: text('id').notNull(),
    revision: integer('revision').notNull(),
    /** Null when it was taken away: who has an older one is told. */
    body: jsonb('body').$type<RecordBody>(),
    updatedAt: when('updated_at').notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.teamId, t.kind, t.id] })],
);

/** Players who were erased: only that they were. No restore, no import and no older draft brings them back. */
export const erased = pgTable(
  'erased',
  { teamId: teamId(), id: text('id').notNull(), at: when('at').notNull().defaultNow() },
  (t) => [primaryKey({ columns: [t.teamId, t.id] })],
);

/** Kept versions of those, one a sitting. */
export const recordVersions = pgTable(
  'record_versions',
  {
    teamId: text('team_id').notNull(),
    kind: text('kind').notNull(),
    recordId: text('record_id').notNull(),
    revision: integer('revision').notNull(),
    sitting: text('sitting').notNull(),
    body: jsonb('body').$type<RecordBody>(),
    startedAt: when('started_at').notNull().defaultNow(),
    savedAt: when('saved_at').notNull().defaultNow(),
  },
  (t) => [
    primaryKey({ columns: [t.teamId, t.kind, t.recordId, t.revision] }),
    foreignKey({
      columns: [t.teamId, t.kind, t.recordId],
      foreignColumns: [records.teamId, records.kind, records.id],
    }).onDelete('cascade'),
  ],
);

export const playVersions = pgTable(
  'play_versions',
  {
    id: serial('id').primaryKey(),
    teamId: text('team_id').notNull(),
    playId: text('play_id').notNull(),
    revision: integer('revision').notNull(),
    sitting: text('sitting').notNull(),
    name: text('name'),
    frames: integer('frames').notNull(),
    document: jsonb('document').$type<unknown>().notNull(),
    startedAt: when('started_at').notNull().defaultNow(),
    savedAt: when('saved_at').notNull().defaultNow(),
  },
  (t) => [
    foreignKey({ columns: [t.teamId, t.playId], foreignColumns: [plays.teamId, plays.id] }).onDelete(
      'cascade',
    ),
    uniqueIndex('play_versions_of').on(t.teamId, t.playId, t.revision),
  ],
);

/** Saves that were answered: one that is sent again, its answer lost, is answered as the first time. */
export const playSaves = pgTable(
  'play_saves',
  {
    teamId: text('team_id').notNull(),
    playId: text('play_id').notNull(),
    save: text('save').notNull(),
    revision: integer('revision').notNull(),
    savedAt: when('saved_at').notNull().defaultNow(),
  },
  (t) => [
    primaryKey({ columns: [t.teamId, t.playId, t.save] }),
    foreignKey({ columns: [t.teamId, t.playId], foreignColumns: [plays.teamId, plays.id] }).onDelete(
      'cascade',
    ),
    index('play_saves_at').on(t.savedAt),
  ],
);

/** What was ordered on paper, and the file once it is made: kept for some days. */
export const papers = pgTable(
  'papers',
  {
    teamId: teamId(),
    id: text('id').notNull(),
    order: jsonb('order').$type<PaperOrder>().notNull(),
    title: text('title').notNull(),
    state: text('state').$type<PaperRow['state']>().notNull().default('waiting'),
    done: integer('done').notNull().default(0),
    of: integer('of').notNull().default(0),
    /** How often it was begun: whoever has begun it earlier has no say any more. */
    attempt: integer('attempt').notNull().default(0),
    /** When whoever makes it was last heard of. */
    beatAt: when('beat_at').notNull().defaultNow(),
    fault: text('fault'),
    lacks: jsonb('lacks').$type<string[]>().notNull().default([]),
    bytes: integer('bytes').notNull().default(0),
    file: bytea('file'),
    createdAt: when('created_at').notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.teamId, t.id] }), index('papers_at').on(t.createdAt)],
);

/** Plans of a season that were asked for, with the best so far. */
export const plans = pgTable(
  'plans',
  {
    teamId: teamId(),
    id: text('id').notNull(),
    order: jsonb('order').$type<PlanOrder>().notNull(),
    state: text('state').$type<PlanRow['state']>().notNull().default('waiting'),
    plan: jsonb('plan').$type<PlanRow['plan']>(),
    value: doublePrecision('value'),
    gap: doublePrecision('gap'),
    seconds: doublePrecision('seconds').notNull().default(0),
    gives: jsonb('gives').$type<PlanRow['gives']>(),
    attempt: integer('attempt').notNull().default(0),
    beatAt: when('beat_at').notNull().defaultNow(),
    createdAt: when('created_at').notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.teamId, t.id] }), index('plans_at').on(t.createdAt)],
);

/** All of a team as it was, in one file each. */
export const backups = pgTable(
  'backups',
  {
    teamId: teamId(),
    id: text('id').notNull(),
    /** Why it was made: asked for, by the clock, or before a restore. */
    why: text('why').$type<'asked' | 'clock' | 'restore'>().notNull(),
    rows: integer('rows').notNull(),
    bytes: integer('bytes').notNull(),
    file: bytea('file').notNull(),
    madeAt: when('made_at').notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.teamId, t.id] })],
);
