import {
  PAPER_OF,
  presenceOn,
  readPlay,
  type PaperOrder,
  type RecordBody,
  type RecordKind,
} from '@corkscrew/core';
import type { PaperInput, PaperPlay } from '@corkscrew/paper';
import { and, eq, inArray, isNotNull, isNull } from 'drizzle-orm';
import type { Db } from '../db/client.ts';
import { plays, records, teams, verdicts } from '../db/schema.ts';
import { judgedNow, settingsOfTeam } from '../verdicts/store.ts';

/** Everything pages of an order are made from, as it is now. What is gone, or can't be read, is left out. */
export async function gather(db: Db, team: string, order: PaperOrder, today: Date): Promise<PaperInput> {
  const [own] = await db.select().from(teams).where(eq(teams.id, team));
  const of = async <K extends RecordKind>(kind: K): Promise<{ id: string; body: RecordBody<K> }[]> =>
    (await db
      .select({ id: records.id, body: records.body })
      .from(records)
      .where(and(eq(records.teamId, team), eq(records.kind, kind), isNotNull(records.body)))) as {
      id: string;
      body: RecordBody<K>;
    }[];
  const needs = PAPER_OF[order.kind];
  const sheet = needs === 'sheet' ? (await of('sheets')).find((r) => r.id === order.sheet)?.body : undefined;
  const opponent = sheet?.opponent
    ? (await of('opponents')).find((r) => r.id === sheet.opponent)?.body
    : undefined;
  const practice =
    needs === 'practice' ? (await of('practices')).find((r) => r.id === order.practice)?.body : undefined;
  const season = practice
    ? (await of('seasons')).find((r) => r.body.from <= practice.date && r.body.to >= practice.date)?.body
    : undefined;
  const away = practice
    ? (await of('players')).flatMap((r) =>
        practice.absent.includes(r.id) || presenceOn(r.body, practice.date) !== 'in'
          ? [{ ...r.body, limited: presenceOn(r.body, practice.date) === 'limited' }]
          : [],
      )
    : [];
  const wanted = sheet
    ? sheet.sections.flatMap((s) => s.entries.map((e) => e.play))
    : practice
      ? practice.blocks.flatMap((b) => (b.item.is === 'play' ? [b.item.play] : []))
      : order.plays;
  const everything = needs === 'series' || (order.kind === 'book' && order.plays.length === 0);
  const rows =
    needs === 'words' || (!everything && wanted.length === 0)
      ? []
      : await db
          .select({ revision: plays.revision, document: plays.document, verdict: verdicts.verdict })
          .from(plays)
          .leftJoin(verdicts, judgedNow(settingsOfTeam(own?.school)))
          .where(
            and(
              eq(plays.teamId, team),
              isNull(plays.deletedAt),
              ...(everything ? [] : [inArray(plays.id, [...new Set(wanted)])]),
            ),
          );
  const read = rows.flatMap(({ revision, document, verdict }): PaperPlay[] => {
    const r = readPlay(document);
    return r.ok ? [{ play: r.play, revision, verdict }] : [];
  });
  const place = new Map(wanted.map((id, i) => [id, i]));
  const inOrder = everything
    ? read.filter((p) => needs !== 'series' || p.play.series === order.series)
    : read.sort((a, b) => place.get(a.play.id)! - place.get(b.play.id)!);
  return {
    team: own?.name ?? '',
    date: today.toISOString().slice(0, 10),
    plays: inOrder,
    words: (await of('words')).map((r) => r.body),
    series: (await of('series')).map((r) => r.body),
    ...(own?.defaults.man ? { man: own.defaults.man } : {}),
    ...(own?.school.makes ? { makes: own.school.makes } : {}),
    ...(sheet ? { sheet } : {}),
    ...(opponent ? { opponent } : {}),
    ...(practice ? { practice } : {}),
    ...(season ? { season } : {}),
    // Why somebody is away or spared is nobody's business on paper.
    ...(away.length > 0
      ? { away: away.map((m) => `${m.name}${m.limited ? ' (limited: walked and guided only)' : ''}`) }
      : {}),
  };
}
