import { PRESETS, readPlay, trialKey, type Defence } from '@corkscrew/core';
import type { Logger } from 'pino';
import type { Sent } from '../beside/answer.ts';
import type { Helper } from '../beside/helper.ts';
import type { Waiting } from '../beside/jobs.ts';
import type { Database } from '../db/client.ts';
import { bumpList } from '../plays/list.ts';
import {
  comparedAs,
  documentOf,
  keepRelated,
  keepRelations,
  keepTrials,
  knownOf,
  triedOf,
  type Known,
  type Pair,
  type Tried,
} from './store.ts';

/** What each process of a helper has been sent already. */
const sentTo = new WeakMap<Helper, { readonly life: number; readonly contents: Set<string> }>();

function sentBy(helper: Helper): Set<string> {
  const life = helper.wake();
  let sent = sentTo.get(helper);
  if (sent?.life !== life) sentTo.set(helper, (sent = { life, contents: new Set() }));
  return sent.contents;
}

/** Compares a play with all others of its team, and after it every other one that waits for it. */
export async function relate(
  database: Database,
  helper: Helper,
  { team, id }: Waiting,
  log: Logger,
): Promise<boolean> {
  const all = new Map((await database.within((db) => knownOf(db, team))).map((p) => [p.id, p]));
  const first = all.get(id);
  for (const play of [...(first ? [first] : []), ...[...all.values()].filter((p) => p !== first)])
    if (play.compared !== comparedAs(play.content)) await compare(database, helper, team, play, all, log);
  return false;
}

async function compare(
  database: Database,
  helper: Helper,
  team: string,
  play: Known,
  all: Map<string, Known>,
  log: Logger,
): Promise<void> {
  const one = await withBody(database, helper, team, play, log);
  // What takes too long has nothing in common with anything, and is not asked again.
  if (!one) return void (await database.transaction((db) => keepRelations(db, team, play, [])));
  all.set(one.id, one);
  const others = [...all.values()].flatMap((p) => (p.id !== one.id && p.of ? [{ ...p, of: p.of }] : []));
  const sent = sentBy(helper);
  const packed = ({ content, of: body }: Known): Sent => ({
    content,
    of: sent.has(content) ? undefined : (body ?? undefined),
  });
  const { told, ...why } = await helper.ask('relations', {
    one: packed(one),
    others: others.map((p) => ({ id: p.id, ...packed(p) })),
  });
  if (told === null) return log.warn({ play: one.id, ...why }, 'not compared');
  for (const p of [one, ...others]) sent.add(p.content);
  const contents = new Map(others.map((p) => [p.id, p.content]));
  const pairs = told.map(({ id: b, relation }): Pair => ({
    ...{ a: one.id, b, contentA: one.content, contentB: contents.get(b)! },
    body: relation,
  }));
  await database.transaction(async (db) => {
    await keepRelations(db, team, one, pairs);
    await bumpList(db, team);
  });
}

/** What of a play is compared, worked out where it is not known; null for a play that takes too long or can't be read. */
async function withBody(database: Database, helper: Helper, team: string, p: Known, log: Logger) {
  if (p.of) return { ...p, of: p.of };
  const read = readPlay(await database.within((db) => documentOf(db, team, p.id)));
  if (!read.ok) return null;
  const { told, ...why } = await helper.ask('related', { play: read.play });
  if (told === null) log.warn({ play: p.id, ...why }, 'nothing to compare');
  await database.within((db) => keepRelated(db, team, p.content, told));
  return told && { ...p, of: told };
}

/** So much of the processor (ms) is spent on other plays against what hurts one. */
const COUNTERS = 5000;
const ALL = Number.MAX_SAFE_INTEGER;

/**
 * Tries a play against every usual defence, against what hurts it, and against what hurts the others; and the others
 * against what hurts it, those of its series first, for as long as there is time.
 */
export async function try_(
  database: Database,
  helper: Helper,
  { team, id }: Waiting,
  log: Logger,
): Promise<boolean> {
  const { settings, makes, all } = await database.within((db) => triedOf(db, team));
  const of = all.find((p) => p.id === id);
  if (!of) return false;
  let left = COUNTERS;
  const tried = async (p: Tried, wanted: readonly Defence[], time: number): Promise<void> => {
    const against = wanted.filter((d, i) => {
      const key = trialKey(d);
      return !p.known.includes(key) && wanted.findIndex((o) => trialKey(o) === key) === i;
    });
    if (against.length === 0) return;
    const read = readPlay(await database.within((db) => documentOf(db, team, p.id)));
    if (!read.ok) return;
    const began = performance.now();
    const { told, ...why } = await helper.ask('trials', { play: read.play, makes, against, time });
    left -= performance.now() - began;
    if (told === null) log.warn({ play: p.id, ...why }, 'not tried');
    // What takes too long once is not tried again.
    const found = told ?? against.map(() => null);
    await database.within((db) =>
      keepTrials(
        db,
        team,
        p.content,
        settings,
        found.map((trial, i) => ({ defence: trialKey(against[i]!), trial })),
      ),
    );
  };
  await tried(
    of,
    PRESETS.map((p): Defence => ({ ...p.defence, id: p.key })),
    ALL,
  );
  left = COUNTERS;
  if (of.against.some((a) => a === 'man' || a === 'any')) {
    const others = all
      .filter((p) => p !== of && p.against.some((a) => a === 'man' || a === 'any'))
      .sort((a, b) => Number(b.series === of.series) - Number(a.series === of.series));
    await tried(
      of,
      [of, ...others].flatMap((p) => (p.hurt ? [p.hurt] : [])),
      COUNTERS,
    );
    if (of.hurt) for (const p of others) if (left > 0) await tried(p, [of.hurt], left);
  }
  await database.within((db) => bumpList(db, team));
  return false;
}
