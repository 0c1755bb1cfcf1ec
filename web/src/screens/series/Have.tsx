import {
  againstInFull,
  carried,
  editAll,
  PRESETS,
  readPlay,
  situationWords,
  whatWeHave,
  type Has,
  type Need,
  type PlayRow,
  type Relations,
} from '@corkscrew/core';
import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import styled from 'styled-components';
import { api } from '../../app/api.ts';
import { keepNew } from '../../keeping/deliver.ts';
import { useRecords } from '../../keeping/records.ts';
import { useManWord, useTeam } from '../../team/team.ts';
import { Button, Label, Toggle } from '../../ui/controls.tsx';
import { Mark } from '../../ui/Mark.tsx';

const Box = styled.section`
  display: flex;
  flex-direction: column;
  min-height: 0;
  min-width: 0;
  .head {
    display: flex;
    align-items: baseline;
    gap: 10px;
    padding: 12px 14px 4px;
    flex-wrap: wrap;
  }
  .head h2 {
    font-size: 16px;
    font-weight: 700;
    font-stretch: 74%;
  }
  .scroll {
    overflow: auto;
    padding: 0 14px 10px;
    min-height: 0;
  }
  table {
    border-collapse: collapse;
    width: 100%;
  }
  thead th {
    height: 84px;
    vertical-align: bottom;
    font: 640 12.5px/1 'Archivo Variable';
    font-stretch: 77%;
    padding: 0 0 5px;
    min-width: 30px;
    border-bottom: 1px solid var(--ink);
  }
  thead th span {
    display: block;
    transform-origin: 8px 100%;
    transform: rotate(-58deg);
    width: 16px;
    white-space: nowrap;
    text-align: left;
  }
  tbody th {
    text-align: left;
    font: 640 13px/1.15 'Archivo Variable';
    font-stretch: 77%;
    padding: 0 8px 0 0;
    white-space: nowrap;
  }
  tbody td {
    text-align: center;
    padding: 0;
    height: 27px;
    border-bottom: 1px solid var(--rule);
  }
  tbody th {
    border-bottom: 1px solid var(--rule);
  }
  td svg {
    margin: 0 auto;
  }
  tr.group th {
    color: var(--ink-3);
    font-weight: 600;
    font-size: 11.5px;
    height: 26px;
    vertical-align: bottom;
    padding-bottom: 4px;
  }
  tr.none th,
  tr.none td {
    background: var(--gap-w);
    color: var(--gap);
  }
  tr.none td {
    text-align: left;
    font: 640 13px/1 'Archivo Variable';
    font-stretch: 77%;
  }
  tr.none td > span {
    display: inline-flex;
    gap: 7px;
    align-items: center;
  }
  .carries {
    padding: 7px 14px;
    border-top: 1px solid var(--rule);
    font-size: 12.5px;
    color: var(--ink-2);
  }
  .carries [data-over] b {
    color: var(--gap);
  }
  .carries a {
    color: var(--pen);
  }
  .lack {
    border-top: 1px solid var(--rule);
    padding: 8px 14px;
    display: grid;
    gap: 7px;
    align-content: start;
    max-height: 40%;
    overflow: auto;
  }
  .lack li {
    display: grid;
    grid-template-columns: 20px minmax(0, 1fr) auto;
    gap: 7px;
    align-items: start;
  }
  .lack b {
    font: 700 14px/1.15 'Archivo Variable';
    font-stretch: 76%;
    color: var(--gap);
  }
  .lack p {
    font-size: 12.5px;
    color: var(--ink-2);
  }
`;

interface HaveProps {
  readonly rows: readonly PlayRow[];
  /** The plays of the series, shown until all are asked for. */
  readonly shown: readonly PlayRow[];
  readonly relations: Relations | undefined;
}

/** What they play and what a game asks, and what of it we have: by play, and what is nearest where there is nothing. */
export function Have({ rows, shown, relations }: HaveProps) {
  const man = useManWord();
  const [all, setAll] = useState(false);
  const needs = useMemo(() => (relations ? whatWeHave(rows, relations) : []), [rows, relations]);
  const live = rows.filter((r) => r.summary.status !== 'retired');
  const plays = all ? live : shown;
  // While plays are still tried nobody knows what a defence meets.
  const lacks = needs.filter((n) => n.empty && (n.is === 'situation' || relations?.trying.length === 0));
  const words = (n: Need): string => (n.is === 'situation' ? situationWords(n.key) : defenceName(n.key, man));
  const group = (is: Need['is'], title: string) => (
    <tbody>
      <tr className="group">
        <th scope="rowgroup" colSpan={plays.length + 1}>
          {title}
        </th>
      </tr>
      {needs
        .filter((n) => n.is === is)
        .map((n) => (
          <tr key={n.key} className={n.empty ? 'none' : undefined}>
            <th scope="row">{words(n)}</th>
            {n.empty ? (
              <td colSpan={Math.max(1, plays.length)}>
                <span>
                  <Mark state="hole" size={15} /> nothing yet
                </span>
              </td>
            ) : (
              plays.map((p) => <Cell key={p.id} has={n.has[p.id]} play={p} need={words(n)} />)
            )}
          </tr>
        ))}
    </tbody>
  );
  return (
    <Box aria-label="What we have">
      <div className="head">
        <h2>What we have</h2>
        <Label>
          {plays.length} of {live.length} plays
        </Label>
        {live.length > shown.length && (
          <Toggle isSelected={all} onChange={setAll}>
            All plays
          </Toggle>
        )}
      </div>
      {!relations ? (
        <p style={{ padding: '0 14px' }} role="status">
          Asking what they have…
        </p>
      ) : (
        <div className="scroll" tabIndex={0} role="region" aria-label="What we have, as a table">
          <table>
            <thead>
              <tr>
                <td />
                {plays.map((p) => (
                  <th key={p.id} scope="col">
                    <span dir="auto">{p.summary.name}</span>
                  </th>
                ))}
              </tr>
            </thead>
            {group('defence', 'They play')}
            {group('situation', 'We need')}
          </table>
        </div>
      )}
      {relations && relations.trying.length > 0 && (
        <p style={{ padding: '4px 14px' }} role="status">
          {relations.trying.length === 1 ? '1 play is' : `${relations.trying.length} plays are`} still tried
          against every defence.
        </p>
      )}
      <Carries rows={rows} />
      {lacks.length > 0 && (
        <ul className="lack" aria-label="What we lack">
          {lacks.map((n) => (
            <Lack key={n.key} need={n} words={words(n)} rows={rows} />
          ))}
        </ul>
      )}
    </Box>
  );
}

const CARRY_WORDS = { plays: 'plays', words: 'words of our own', answers: 'answers' } as const;

/** How much the team is asked to carry, beside what teams like it do. */
function Carries({ rows }: { rows: readonly PlayRow[] }) {
  const { team } = useTeam();
  const words = useRecords('words').rows?.length ?? 0;
  if (!team) return null;
  const { level = 'highSchool', carries } = team.defaults;
  return (
    <p className="carries">
      We carry{' '}
      {carried(rows, words, level, carries).map(({ key, has, limit, own }, i) => (
        <span
          key={key}
          data-over={has > limit || undefined}
          title={
            own ? 'The limit is our own' : 'The limit is what most teams of our level carry, from memory'
          }
        >
          {i > 0 && ', '}
          <b>{has}</b> of {limit} {CARRY_WORDS[key]}
        </span>
      ))}
      . <Link to="/settings#carry">Our own limits</Link>
    </p>
  );
}

const defenceName = (key: string, man: 'man' | 'player'): string => {
  const preset = PRESETS.find((p) => p.key === key)!;
  return preset.defence.type === 'man' ? preset.defence.name : againstInFull(key, man).replace(/^A /, '');
};

const STATES = { answered: 'answered', contested: 'contested', hole: 'a hole' } as const;

function Cell({ has, play, need }: { has: Has | undefined; play: PlayRow; need: string }) {
  if (!has) return <td />;
  const look = has.player && has.at !== null ? `, ${has.player} at ${has.at.toFixed(1)} s` : '';
  const words = has.state ? `${STATES[has.state]}${look}` : 'not judged yet';
  return (
    <td title={`${play.summary.name}, ${need}: ${words}`}>
      <Mark state={has.state ?? 'cant'} size={15} />
      <span className="visually-hidden">{words}</span>
    </td>
  );
}

/** Something we lack, what of ours comes nearest, and a way to it. */
function Lack({ need, words, rows }: { need: Need; words: string; rows: readonly PlayRow[] }) {
  const go = useNavigate();
  const [failed, setFailed] = useState<string | null>(null);
  const { nearest } = need;
  const row = rows.find((r) => r.id === nearest?.play);
  const look = nearest && nearest.at !== null ? `first look at ${nearest.at.toFixed(1)} s` : 'no look timed';
  const turned = need.key === 'sideline' || need.key === 'baseline';
  const tryIt = async (): Promise<void> => {
    if (!row) return;
    if (!turned) return void go(`/plays/${row.id}`);
    try {
      const read = readPlay((await api.play(row.id)).document);
      if (!read.ok) throw new Error(read.sentence);
      const side = need.key === 'sideline';
      const place = side ? { x: 28, y: 26 } : { x: 8, y: -3 };
      const made = editAll(read.play, [
        { do: 'copy', id: nanoid(12), suffix: side ? ' (from the side)' : ' (under the basket)' },
        { do: 'throwIn', from: side ? 'sidelineRight' : 'baseline' },
        { do: 'place', player: read.play.start.ball, place },
        { do: 'situation', situation: [need.key] },
        { do: 'about', status: 'candidate' },
      ]);
      if (!made.ok) throw new Error(made.sentence);
      await keepNew(made.play);
      void go(`/plays/${made.play.id}`);
    } catch (error) {
      setFailed((error as Error).message);
    }
  };
  return (
    <li>
      <Mark state="hole" size={16} />
      <div>
        <b>Nothing for: {words}</b>
        <p>
          {row
            ? need.is === 'defence'
              ? `${row.summary.name} is not drawn for it: ${nearest?.state === 'answered' ? 'open all the same' : 'contested there'}, ${look}.`
              : turned
                ? `${row.summary.name}, thrown in from elsewhere, turned: ${look}.`
                : `${row.summary.name} comes nearest: ${look}.`
            : 'Nothing of ours comes near.'}
        </p>
        {failed && <p role="alert">{failed}</p>}
      </div>
      {row && (
        <Button
          onPress={() => void tryIt()}
          aria-label={`${turned ? 'Try' : 'Open'} ${row.summary.name} for: ${words}`}
        >
          {turned ? 'Try it' : 'Open'}
        </Button>
      )}
    </li>
  );
}
