import { SummarySchema, type PlayRow, type Summary } from '@corkscrew/core';
import { and, desc, eq, isNotNull, isNull, sql } from 'drizzle-orm';
import { promisify } from 'node:util';
import { gzip } from 'node:zlib';
import type { Actor } from '../actor.ts';
import type { Database, Db } from '../db/client.ts';
import { plays, teams, verdicts } from '../db/schema.ts';
import { judgedNow, settingsOfTeam } from '../verdicts/store.ts';

const zipped = promisify(gzip);

/** All plays of a team, newest change first: only what cards need leaves the database. */
export async function listPlays(db: Db, { team }: Actor, trash: boolean): Promise<PlayRow[]> {
  const [own] = await db.select({ school: teams.school }).from(teams).where(eq(teams.id, team));
  const rows = await db
    .select({
      id: plays.id,
      revision: plays.revision,
      updatedAt: plays.updatedAt,
      deletedAt: plays.deletedAt,
      summary: plays.summary,
      card: plays.card,
      name: sql<unknown>`${plays.document} -> 'name'`,
      judged: plays.judged,
      document: verdicts.document,
      verdict: verdicts.verdict,
    })
    .from(plays)
    .leftJoin(verdicts, judgedNow(settingsOfTeam(own?.school)))
    .where(and(eq(plays.teamId, team), trash ? isNotNull(plays.deletedAt) : isNull(plays.deletedAt)))
    .orderBy(desc(plays.updatedAt), plays.id);
  return rows.map(({ name, judged, document, verdict, ...r }) => ({
    ...r,
    ...readable(r.summary, r.card, name),
    verdict: judged === '' ? 'none' : document === null ? 'waits' : (verdict ?? 'long'),
    updatedAt: r.updatedAt.toISOString(),
    deletedAt: r.deletedAt?.toISOString() ?? null,
  }));
}

/** A row that can't be read shows its name and no picture, and never hides the others. */
function readable(summary: unknown, card: unknown, name: unknown): { summary: Summary; card: unknown } {
  const read = SummarySchema.safeParse(summary);
  const drawable =
    typeof card === 'object' && card !== null && Array.isArray((card as { frames?: unknown }).frames);
  if (read.success && drawable) return { summary: read.data, card };
  return {
    card: null,
    summary: read.data ?? {
      name: typeof name === 'string' ? name : 'A play',
      call: '',
      signal: '',
      figure: '',
      against: [],
      series: '',
      option: '',
      purpose: '',
      status: 'adopted',
      situation: [],
      counterTo: [],
      variantOf: null,
      frames: 1,
      endings: 1,
      seconds: 0,
      flows: [],
      alignment: null,
      alignmentName: null,
    },
  };
}

/** The list of a team's plays has changed: whoever holds an older one asks again. */
export const bumpList = (db: Db, team: string): Promise<unknown> =>
  db
    .update(teams)
    .set({ playsVersion: sql`${teams.playsVersion} + 1` })
    .where(eq(teams.id, team));

/** A list ready to be sent. */
export interface SentList {
  readonly etag: string;
  readonly plain: Buffer;
  readonly gzip: Buffer;
}

/**
 * Lists as they are sent, kept per version of a team's plays: a request costs one small query, and the body
 * of a list that did not change is neither asked for, nor written, nor packed again.
 */
export class Lists {
  private readonly kept = new Map<string, Promise<SentList>>();
  private readonly database: Database;
  /** Lists kept at most: the newest version of a few teams and their trash. */
  private static readonly most = 64;

  constructor(database: Database) {
    this.database = database;
  }

  /** The mark of the present list: one that has it already need not be sent it. */
  async etag(actor: Actor, trash: boolean): Promise<string> {
    const [row] = await this.database.within((db) =>
      db.select({ version: teams.playsVersion }).from(teams).where(eq(teams.id, actor.team)),
    );
    return `W/"${row?.version ?? 0}${trash ? '-trash' : ''}"`;
  }

  async list(actor: Actor, trash: boolean, etag: string): Promise<SentList> {
    const key = `${actor.team} ${etag}`;
    const known = this.kept.get(key);
    if (known) return known;
    const made = this.make(actor, trash, etag);
    this.kept.set(key, made);
    made.catch(() => this.kept.delete(key));
    for (const old of this.kept.keys()) if (this.kept.size > Lists.most) this.kept.delete(old);
    return made;
  }

  private async make(actor: Actor, trash: boolean, etag: string): Promise<SentList> {
    const rows = await this.database.within((db) => listPlays(db, actor, trash));
    const plain = Buffer.from(JSON.stringify(rows));
    return { etag, plain, gzip: await zipped(plain) };
  }
}
