import { LIMITS, type PlayRow } from '@corkscrew/core';
import { useQueryClient } from '@tanstack/react-query';
import { nanoid } from 'nanoid';
import { useEffect, useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { api, Unreachable } from '../../app/api.ts';
import { changePlay } from '../../keeping/change.ts';
import { usePlays } from '../../keeping/plays.ts';
import { useRecords } from '../../keeping/records.ts';
import { useDocuments, useRelations } from '../../keeping/relations.ts';
import { BookViews } from '../../ui/BookViews.tsx';
import { Choice } from '../../ui/Choice.tsx';
import { Button, Label } from '../../ui/controls.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { TopBar } from '../../ui/TopBar.tsx';
import { Between } from './Between.tsx';
import { pairOf } from '../../keeping/pairs.ts';
import { groupsOf, type Group } from './groups.ts';
import { Have } from './Have.tsx';
import { RoundStrip } from './RoundStrip.tsx';
import { StripView } from './StripView.tsx';

const Page = styled.div`
  display: grid;
  grid-template-rows: 60px minmax(0, 1fr);
  height: 100vh;
  height: 100dvh;
  .body {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 370px;
    min-height: 0;
  }
  main {
    min-height: 0;
    min-width: 0;
    overflow: auto;
  }
  .over {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 18px;
    align-items: end;
    padding: 10px 14px 8px;
    background: var(--sheet);
  }
  .over h2 {
    font-size: 16px;
    font-weight: 700;
    font-stretch: 74%;
    align-self: center;
  }
  .over label {
    display: grid;
    gap: 4px;
    width: 168px;
  }
  .over p {
    color: var(--ink-2);
  }
  .body > section {
    border-left: 1px solid var(--rule-2);
  }
  @media (max-width: 1023px) {
    .said {
      display: none;
    }
    .body {
      display: block;
      overflow: auto;
    }
    main {
      overflow: visible;
    }
    .body > section {
      border-left: 0;
      border-top: 1px solid var(--rule-2);
    }
  }
`;

const many = (n: number): string => (n === 1 ? '1 play' : `${n} plays`);

/** A series: what all its plays look like, where they part, what answers what, and what the playbook has and lacks. */
export default function Series() {
  const [params, setParams] = useSearchParams();
  const shown = usePlays(false).shown;
  const rows = useMemo(() => shown?.rows ?? [], [shown]);
  const relations = useRelations();
  const series = useRecords('series');
  const order = (word: string): number =>
    series.rows?.find((r) => r.body.word === word)?.body.order ?? Number.MAX_SAFE_INTEGER;
  const groups = groupsOf(rows, relations, order);
  const group = groups.find((g) => g.name === params.get('of')) ?? groups[0];
  const ids = (group?.plays ?? []).map((p) => p.id);
  const plays = useDocuments(ids);
  useEffect(() => {
    document.title = `${group?.word ?? 'Series'} · Corkscrew`;
  }, [group?.word]);
  const round = ids.find((id) => relations?.plays[id]?.round);
  const waits = relations ? ids.filter((id) => relations.comparing.includes(id)) : [];
  return (
    <Page>
      <TopBar room="plays" end={<BookViews />}>
        <h1 className="said" style={{ fontSize: 27, fontWeight: 740, fontStretch: '70%', lineHeight: 1 }}>
          {group?.word ?? 'Series'}
        </h1>
        {groups.length > 0 && (
          <Choice
            bare
            label="Which series"
            value={group?.name ?? ''}
            options={groups.map(
              (g) => [g.name, g.word ? `${g.word} (${g.plays.length})` : `Alike: ${g.name}`] as const,
            )}
            onChange={(name) => setParams({ of: name })}
          />
        )}
      </TopBar>
      <div className="body">
        <main>
          {group ? (
            <>
              <div className="over">
                <h2>{startWords(group, relations)}</h2>
                {group.word !== null ? (
                  <Word key={group.word} group={group} series={series} setOf={(of) => setParams({ of })} />
                ) : (
                  <Make plays={group.plays} onMade={(of) => setParams({ of })} />
                )}
                {waits.length > 0 && <p role="status">Comparing {many(waits.length)}…</p>}
              </div>
              <StripView rows={group.plays} plays={plays} relations={relations} />
              <div>
                {round && plays.get(round) && (
                  <RoundStrip play={plays.get(round)!} round={relations!.plays[round]!.round!} />
                )}
                {relations && <Between rows={group.plays} all={rows} relations={relations} />}
              </div>
            </>
          ) : (
            <div className="over">
              <h2>{shown ? 'No series yet' : 'Asking for the plays'}</h2>
              {shown && (
                <p>
                  Choose several plays <Link to="/plays">on the playbook</Link> and put them in one, or say
                  its word on a play’s own page.
                </p>
              )}
            </div>
          )}
        </main>
        <Have rows={rows} shown={group?.plays ?? []} relations={relations} />
      </div>
    </Page>
  );
}

/** "Four plays, one start": or what they start from. */
function startWords({ plays }: Group, relations: ReturnType<typeof useRelations>): string {
  const heads = plays.flatMap((a, i) =>
    plays.slice(i + 1).map((b) => pairOf(relations, a.id, b.id)?.head?.seconds ?? 0),
  );
  if (plays.length === 1) return '1 play';
  const least = Math.min(...heads);
  return least > 0
    ? `${many(plays.length)}, one start: all look alike for ${least.toFixed(1)} s`
    : `${many(plays.length)}, not one start`;
}

/** What the team says of a series: its word, which all its plays carry, and its signal. */
function Word({
  group,
  series,
  setOf,
}: {
  group: Group;
  series: ReturnType<typeof useRecords<'series'>>;
  setOf: (word: string) => void;
}) {
  const client = useQueryClient();
  const [failed, setFailed] = useState<string | null>(null);
  const word = group.word!;
  const row = series.rows?.find((r) => r.body.word === word);
  const body = row?.body ?? { word, order: series.rows?.length ?? 0 };
  const rename = async (to: string): Promise<void> => {
    setFailed(null);
    try {
      const id = row?.id ?? nanoid(12);
      const sitting = nanoid(12);
      // What is not with the server yet goes first: plays and word are renamed in one go there.
      const known = (await api.records('series')).find((r) => r.id === id);
      const revision =
        known?.revision ?? (await api.saveRecord('series', id, { revision: 0, sitting, body })).revision;
      await api.renameSeries(id, to, revision, sitting);
      setOf(to);
      await client.invalidateQueries();
    } catch (error) {
      setFailed(
        error instanceof Unreachable
          ? 'The playbook can’t be reached: the series keeps its word until it can.'
          : (error as Error).message,
      );
    }
  };
  return (
    <>
      <TextField
        label="Word of the series"
        value={word}
        max={LIMITS.name}
        onDone={(to) => to.trim() && to.trim() !== word && void rename(to.trim())}
      />
      <TextField
        label="Its signal"
        value={body.signal ?? ''}
        max={LIMITS.line}
        placeholder="Flat hand, palm up"
        onDone={(signal) => series.change(row?.id ?? nanoid(12), { ...body, signal: signal.trim() })}
      />
      {failed && <p role="alert">{failed}</p>}
    </>
  );
}

/** Plays that only look alike become a series under a word. */
function Make({ plays, onMade }: { plays: readonly PlayRow[]; onMade: (word: string) => void }) {
  const client = useQueryClient();
  const [word, setWord] = useState('');
  const [failed, setFailed] = useState<string | null>(null);
  const make = async (): Promise<void> => {
    try {
      for (const p of plays) await changePlay(p.id, () => [{ do: 'series', series: word }]);
      await client.invalidateQueries({ queryKey: ['plays'] });
      onMade(word);
    } catch (error) {
      setFailed((error as Error).message);
    }
  };
  return (
    <>
      <Label>They look alike and are in no series.</Label>
      <TextField
        label="Make it a series"
        value={word}
        max={LIMITS.name}
        placeholder="Its word"
        onDone={(w) => setWord(w.trim())}
      />
      <Button isDisabled={word === ''} onPress={() => void make()}>
        Make it
      </Button>
      {failed && <p role="alert">{failed}</p>}
    </>
  );
}
