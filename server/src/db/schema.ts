import type { Defence, Play, PlaySummary, OwnSchool } from '@corkscrew/core';
import { index, integer, jsonb, pgTable, serial, text, timestamp, uniqueIndex } from 'drizzle-orm/pg-core';

const when = (name: string) => timestamp(name, { withTimezone: true });

export const teams = pgTable('teams', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  /** Limits of the walk-through that this team teaches otherwise. */
  school: jsonb('school').$type<OwnSchool>().notNull().default({}),
  /** Defences it keeps for every play. */
  defences: jsonb('defences').$type<Defence[]>().notNull().default([]),
  createdAt: when('created_at').notNull().defaultNow(),
});

/** Players and staff; no screen uses them yet. */
export const people = pgTable('people', {
  id: text('id').primaryKey(),
  teamId: text('team_id')
    .notNull()
    .references(() => teams.id),
  name: text('name').notNull(),
  role: text('role', { enum: ['coach', 'assistant', 'player'] }).notNull(),
});

/** The document beside what lists need, derived from it on every save. */
export const plays = pgTable(
  'plays',
  {
    id: text('id').primaryKey(),
    teamId: text('team_id')
      .notNull()
      .references(() => teams.id),
    revision: integer('revision').notNull(),
    document: jsonb('document').$type<Play>().notNull(),
    summary: jsonb('summary').$type<PlaySummary>().notNull(),
    card: jsonb('card').$type<Play>().notNull(),
    createdAt: when('created_at').notNull().defaultNow(),
    updatedAt: when('updated_at').notNull().defaultNow(),
    deletedAt: when('deleted_at'),
  },
  (t) => [index('plays_team_updated').on(t.teamId, t.updatedAt)],
);

export const playVersions = pgTable(
  'play_versions',
  {
    id: serial('id').primaryKey(),
    playId: text('play_id')
      .notNull()
      .references(() => plays.id, { onDelete: 'cascade' }),
    revision: integer('revision').notNull(),
    sitting: text('sitting').notNull(),
    name: text('name'),
    frames: integer('frames').notNull(),
    document: jsonb('document').$type<Play>().notNull(),
    startedAt: when('started_at').notNull().defaultNow(),
    savedAt: when('saved_at').notNull().defaultNow(),
  },
  (t) => [uniqueIndex('play_versions_revision').on(t.playId, t.revision)],
);
