import {
  AGAINST,
  LIMITS,
  ALIGNMENTS,
  courtFor,
  edit,
  newPlay,
  readPlay,
  PLAYERS,
  startState,
  walkFrame,
  type EditResult,
  type NewPlay as NewPlayOptions,
} from '@corkscrew/core';
import { frameScene, PREVIEW, THUMB, type Scale } from '@corkscrew/diagram';
import { useQuery } from '@tanstack/react-query';
import { nanoid } from 'nanoid';
import { useMemo, useState, type FormEvent, type KeyboardEvent } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { api } from '../../app/api.ts';
import { keepNew } from '../../keeping/deliver.ts';
import { useTeam } from '../../team/team.ts';
import { Choice, COURT_OPTIONS, LEVEL_OPTIONS } from '../../ui/Choice.tsx';
import { Button, Input, Label, MainButton } from '../../ui/controls.tsx';
import { Picture } from '../../floor/SceneSvg.tsx';
import { TopBar } from '../../ui/TopBar.tsx';

const Page = styled.form`
  display: grid;
  grid-template-columns: 320px minmax(0, 1fr);
  height: calc(100dvh - 60px);
  .say {
    padding: 18px 16px;
    display: grid;
    gap: 16px;
    align-content: start;
    border-right: 1px solid var(--rule);
    overflow: auto;
  }
  .say label {
    display: grid;
    gap: 6px;
  }
  .pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 12px;
  }
  .balls {
    display: flex;
    gap: 6px;
    margin-top: 6px;
  }
  .balls button {
    width: 34px;
    height: 34px;
    border-radius: 50%;
    border: 1.5px solid var(--rule-2);
    background: var(--raised);
    font-weight: 700;
    font-size: 14px;
  }
  .balls button[aria-checked='true'] {
    background: var(--ink);
    color: var(--on-ink);
    border-color: var(--ink);
    box-shadow:
      0 0 0 2px var(--desk),
      0 0 0 4px var(--live);
  }
  .floor {
    background: var(--sheet);
    display: grid;
    grid-template-rows: auto minmax(0, 1fr);
    overflow: hidden;
    min-height: 0;
  }
  h2 {
    font-size: 16px;
    font-weight: 700;
    font-stretch: 74%;
    padding: 14px 16px 8px;
  }
  .picks {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(148px, 1fr));
    gap: 10px;
    padding: 2px 16px 18px;
    overflow: auto;
    align-content: start;
  }
  .picks button {
    padding: 0;
    border: 1px solid var(--rule-2);
    background: var(--raised);
    text-align: left;
  }
  .picks button[aria-checked='true'] {
    outline: 2px solid var(--pen);
    outline-offset: 1px;
    border-color: var(--pen);
  }
  .picks b {
    display: block;
    padding: 7px 8px 2px;
    font: 700 14px/1.15 'Archivo Variable';
    font-stretch: 76%;
  }
  .picks span {
    display: block;
    padding: 0 8px 8px;
    font: 400 12px/1.28 'Atkinson Hyperlegible Next Variable';
    font-stretch: 100%;
    color: var(--ink-2);
    min-height: 39px;
  }
  @media (max-width: 760px) {
    grid-template-columns: 1fr;
    height: auto;
    .say {
      border: 0;
    }
  }
`;

type Setting = Omit<NewPlayOptions, 'id' | 'name'>;

function must(result: EditResult) {
  if (!result.ok) throw new Error(result.sentence);
  return result.play;
}

/** The five of a setting as they stand. */
function lineUp(setting: Setting, scale: Scale, detail = true) {
  const play = newPlay({ ...setting, id: 'p', name: '' });
  return frameScene({
    court: courtFor(play),
    walk: walkFrame(startState(play), play.frames[0]!),
    scale,
    detail,
  });
}

/** Arrows move between cards as they lie: left and right, up and down over the lines of the grid. */
function walkCards(e: KeyboardEvent<HTMLElement>, onChoose: (i: number) => void): void {
  const cards = [...e.currentTarget.querySelectorAll<HTMLElement>('[role="radio"]')];
  const i = cards.findIndex((c) => c === document.activeElement);
  if (i < 0) return;
  const perLine = cards.filter((c) => c.offsetTop === cards[0]!.offsetTop).length;
  const by = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -perLine, ArrowDown: perLine }[e.key];
  if (by === undefined) return;
  e.preventDefault();
  const to = i + by;
  if (!cards[to]) return;
  onChoose(to);
  cards[to].focus();
}

/** A new play: how do you line up, who has the ball; then straight to the court. */
export default function NewPlay() {
  const go = useNavigate();
  const [name, setName] = useState('');
  const { team } = useTeam();
  const { court = 'nfhs', customCourt, level = 'highSchool', women = false } = team?.defaults ?? {};
  const [said, setSaid] = useState<Partial<Setting>>({});
  const setting: Setting = useMemo(
    () => ({
      ...{ court, customCourt, level, women, alignment: 'horns', ball: '1' as const, flipped: false },
      ...said,
    }),
    [court, customCourt, level, women, said],
  );
  const choose = (patch: Partial<Setting>) => setSaid((now) => ({ ...now, ...patch }));
  const [refusal, setRefusal] = useState('');
  const [from, setFrom] = useState('');
  const plays = useQuery({ queryKey: ['plays', false], queryFn: () => api.plays(false) });
  const preview = useMemo(() => lineUp(setting, PREVIEW), [setting]);
  const picks = useMemo(
    () =>
      ALIGNMENTS.map((a) => ({
        ...a,
        picture: lineUp({ ...setting, alignment: a.key, flipped: false }, THUMB, false),
      })),
    [setting],
  );
  const start = async (e: FormEvent) => {
    e.preventDefault();
    if (!name.trim()) {
      setRefusal('Give it a name first: one you would shout.');
      document.getElementById('name')?.focus();
      return;
    }
    try {
      const made = await make(name.trim());
      await keepNew(made);
      await go(`/plays/${made.id}`);
    } catch (error) {
      setRefusal((error as Error).message);
    }
  };
  /** The play as it was set up here, or a copy of another under this name. */
  const make = async (called: string) => {
    const id = nanoid(12);
    const base = newPlay({ ...setting, id, name: '' });
    if (!from) return must(edit(base, { do: 'name', name: called }));
    const read = readPlay((await api.play(from)).document);
    if (!read.ok) throw new Error(read.sentence);
    return must(edit(read.play, { do: 'copy', id, name: called }));
  };
  return (
    <>
      <TopBar room={null}>
        <h1 style={{ fontSize: 27, fontWeight: 740, fontStretch: '70%', lineHeight: 1, marginLeft: 94 }}>
          New play
        </h1>
      </TopBar>
      <Page onSubmit={(e) => void start(e)}>
        <div className="say">
          <label>
            <Label>Name</Label>
            <Input
              id="name"
              dir="auto"
              autoFocus
              value={name}
              maxLength={LIMITS.name}
              placeholder="Name this play"
              onChange={(e) => {
                setName(e.target.value);
                setRefusal('');
              }}
              aria-describedby="refusal"
            />
          </label>
          {refusal && (
            <p id="refusal" role="alert" style={{ color: 'var(--gap)', marginTop: -8 }}>
              {refusal}
            </p>
          )}
          {(plays.data?.length ?? 0) > 0 && (
            <Choice
              label="Start from"
              value={from}
              options={[
                ['', 'A line-up'],
                ...plays.data!.map((p) => [p.id, `A copy of ${p.summary.name}`] as const),
              ]}
              onChange={setFrom}
            />
          )}
          <div className="pair">
            <Choice
              label="Court"
              value={setting.court}
              options={
                customCourt
                  ? [...COURT_OPTIONS, ['custom', customCourt.name ?? 'Our own floor']]
                  : COURT_OPTIONS
              }
              onChange={(court) => choose({ court })}
            />
            <Choice
              label="Level"
              value={setting.level}
              options={LEVEL_OPTIONS}
              onChange={(level) => choose({ level })}
            />
          </div>
          <Choice
            label="Against"
            value={setting.against?.[0] ?? 'man'}
            options={AGAINST.map(
              (k) => [k, k === 'man' ? 'Man to man' : k === 'any' ? 'Any defence' : `A ${k}`] as const,
            )}
            onChange={(against) => choose({ against: [against] })}
          />
          <div>
            <Label id="who-ball">Who has the ball?</Label>
            <div className="balls" role="radiogroup" aria-labelledby="who-ball">
              {PLAYERS.map((p) => (
                <button
                  key={p}
                  type="button"
                  role="radio"
                  aria-checked={setting.ball === p}
                  aria-label={`${p} has the ball`}
                  onClick={() => choose({ ball: p })}
                >
                  {p}
                </button>
              ))}
            </div>
          </div>
          <div style={{ border: '1px solid var(--rule)' }}>
            <Picture scene={preview} />
          </div>
          <div style={{ display: 'flex', gap: 8 }}>
            <MainButton type="submit">Start drawing</MainButton>
            <Button onPress={() => choose({ flipped: !setting.flipped })}>Other side</Button>
          </div>
        </div>
        <div className="floor">
          <h2 id="line-up">How do you line up?</h2>
          <div
            className="picks"
            role="radiogroup"
            aria-labelledby="line-up"
            onKeyDown={(e) => walkCards(e, (i) => choose({ alignment: picks[i]!.key }))}
          >
            {picks.map((a) => (
              <button
                key={a.key}
                type="button"
                role="radio"
                aria-checked={setting.alignment === a.key}
                tabIndex={setting.alignment === a.key ? 0 : -1}
                onClick={() => choose({ alignment: a.key })}
              >
                <Picture scene={a.picture} />
                <b>{a.name}</b>
                <span>{a.words}</span>
              </button>
            ))}
          </div>
        </div>
      </Page>
    </>
  );
}
