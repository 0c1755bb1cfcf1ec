import { AGAINST, againstInFull, edit, type EditResult, LIMITS, newPlay, readPlay } from '@corkscrew/core';
import { PREVIEW } from '@corkscrew/diagram';
import { useQuery } from '@tanstack/react-query';
import { nanoid } from 'nanoid';
import { useMemo, useState, type FormEvent } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { api } from '../../app/api.ts';
import { keepNew } from '../../keeping/deliver.ts';
import { useTeam } from '../../team/team.ts';
import { Choice, COURT_OPTIONS, LEVEL_OPTIONS } from '../../ui/Choice.tsx';
import { Button, Input, Label, MainButton } from '../../ui/controls.tsx';
import { Picture } from '../../floor/SceneSvg.tsx';
import { TopBar } from '../../ui/TopBar.tsx';
import { lineUp, LineUps, type Setting } from './LineUps.tsx';
import { WhoHasIt } from './WhoHasIt.tsx';

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
  @media (max-width: 760px) {
    grid-template-columns: 1fr;
    height: auto;
    .say {
      border: 0;
    }
  }
`;

function must(result: EditResult) {
  if (!result.ok) throw new Error(result.sentence);
  return result.play;
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
        <h1
          style={{ fontSize: 27, fontWeight: 740, fontStretch: '70%', lineHeight: 1, whiteSpace: 'nowrap' }}
        >
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
            options={AGAINST.map((k) => [k, againstInFull(k, team?.defaults.man)] as const)}
            onChange={(against) => choose({ against: [against] })}
          />
          <WhoHasIt ball={setting.ball} onChoose={(ball) => choose({ ball })} />
          <div style={{ border: '1px solid var(--rule)' }}>
            <Picture scene={preview} />
          </div>
          <div style={{ display: 'flex', gap: 8 }}>
            <MainButton type="submit">Start drawing</MainButton>
            <Button onPress={() => choose({ flipped: !setting.flipped })}>Other side</Button>
          </div>
        </div>
        <LineUps setting={setting} onChoose={(alignment) => choose({ alignment })} />
      </Page>
    </>
  );
}
