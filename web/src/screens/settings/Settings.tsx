import { CARRIES, againstInFull, type Defaults, MAN_WORDS, type Team } from '@corkscrew/core';
import { useEffect } from 'react';
import { useLocation } from 'react-router';
import styled from 'styled-components';
import { prefer, usePreferences } from '../../app/preferences.ts';
import { chooseTheme, useThemeChoice } from '../../app/theme.ts';
import { chooseUnits, UNIT_OPTIONS, useUnitChoice } from '../../app/units.ts';
import { MakesForm } from '../../team/MakesForm.tsx';
import { useSaving, useTeam } from '../../team/team.ts';
import { TeachForm } from '../../team/TeachForm.tsx';
import { Choice, COURT_OPTIONS, LEVEL_OPTIONS, WOMEN_OPTIONS } from '../../ui/Choice.tsx';
import { Toggle } from '../../ui/controls.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { TopBar } from '../../ui/TopBar.tsx';
import { CourtForm } from './CourtForm.tsx';

const Page = styled.main`
  max-width: 860px;
  margin: 0 auto;
  padding: 18px 20px 60px;
  section {
    padding: 16px 0 20px;
    border-top: 1px solid var(--rule);
  }
  section:first-of-type {
    border-top: 0;
  }
  h2 {
    font-size: 20px;
    font-weight: 700;
    font-stretch: 74%;
    margin-bottom: 4px;
  }
  section > p {
    color: var(--ink-2);
    max-width: 620px;
    margin-bottom: 12px;
  }
  .fields {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
    gap: 12px;
  }
  .fields label {
    display: grid;
    gap: 5px;
    align-content: start;
  }
  .fields select {
    width: 100%;
  }
  [role='alert'] {
    color: var(--gap);
  }
`;

const TITLE = { fontSize: 27, fontWeight: 740, fontStretch: '70%', lineHeight: 1 };

/** What holds for the whole team, and what is the coach's own on this device. */
export default function Settings() {
  const { team, failed } = useTeam();
  const { hash } = useLocation();
  useEffect(() => {
    document.title = 'Settings · Corkscrew';
  }, []);
  useEffect(() => {
    if (team && hash) document.getElementById(hash.slice(1))?.scrollIntoView();
  }, [team, hash]);
  return (
    <div style={{ height: '100dvh', overflow: 'auto' }}>
      <TopBar room="settings" end={<Kept />}>
        <h1 style={TITLE}>Settings</h1>
      </TopBar>
      <Page>
        {failed && !team && <p role="alert">{failed.message}</p>}
        {/* Nothing is changed of a team that is not there yet: it would forget the rest of what it has. */}
        {team && <OfTeam team={team} />}
        <Device />
      </Page>
    </div>
  );
}

/** What all of the team's devices have. */
function OfTeam({ team }: { team: Team }) {
  const { change, error } = useTeam();
  const { defaults } = team;
  const start = (more: Partial<Defaults>) => change((now) => ({ defaults: { ...now.defaults, ...more } }));
  const level = defaults.level ?? 'highSchool';
  return (
    <>
      {error && <p role="alert">{error.message}</p>}
      <section aria-labelledby="team">
        <h2 id="team">The team</h2>
        <div className="fields">
          <TextField
            label="Name"
            value={team.name}
            max={200}
            onDone={(name) => name.trim() && change({ name: name.trim() })}
          />
          <Choice
            label="We say"
            value={defaults.man ?? 'man'}
            options={MAN_WORDS.map((word) => [word, againstInFull('man', word).toLowerCase()] as const)}
            onChange={(man) => start({ man })}
          />
        </div>
      </section>
      <section aria-labelledby="start">
        <h2 id="start">What a new play starts with</h2>
        <p>Each play keeps its own: changing this changes no play there is.</p>
        <div className="fields">
          <Choice
            label="Court"
            value={defaults.court ?? 'nfhs'}
            options={
              defaults.customCourt
                ? [...COURT_OPTIONS, ['custom', defaults.customCourt.name ?? 'Our own floor']]
                : COURT_OPTIONS
            }
            onChange={(court) => start({ court })}
          />
          <Choice label="Level" value={level} options={LEVEL_OPTIONS} onChange={(l) => start({ level: l })} />
          <Choice
            label="Speeds of"
            value={defaults.women ? 'women' : 'men'}
            options={WOMEN_OPTIONS}
            onChange={(who) => start({ women: who === 'women' })}
          />
        </div>
      </section>
      <section aria-labelledby="floor">
        <h2 id="floor">Our own floor</h2>
        <p>A rule set with some of its lines elsewhere, for a league or a gym of your own.</p>
        <CourtForm
          court={defaults.customCourt}
          onChange={(next) =>
            change((now) => ({
              defaults: { ...now.defaults, customCourt: next(now.defaults.customCourt), court: 'custom' },
            }))
          }
          onDrop={() => {
            const { customCourt: _gone, ...rest } = defaults;
            change({
              defaults: { ...rest, ...(rest.court === 'custom' ? { court: 'nfhs' as const } : {}) },
            });
          }}
        />
      </section>
      <section aria-labelledby="teach">
        <h2 id="teach">What we teach</h2>
        <p>Where schools differ. The walk-through measures by it, on every play.</p>
        <TeachForm level={level} />
      </section>
      <section aria-labelledby="carry">
        <h2 id="carry">What we carry</h2>
        <p>
          How much the team holds in its head. What is left empty is what most teams of the level do, from
          memory.
        </p>
        <div className="fields">
          {(['plays', 'words', 'answers'] as const).map((key) => (
            <TextField
              key={key}
              label={CARRY[key]}
              value={defaults.carries?.[key]?.toString() ?? ''}
              max={4}
              placeholder={String(CARRIES[level][key])}
              onDone={(text) => {
                const n = Math.round(Number(text));
                const { [key]: _old, ...rest } = defaults.carries ?? {};
                start({ carries: text.trim() && n > 0 ? { ...rest, [key]: n } : rest });
              }}
            />
          ))}
        </div>
      </section>
      <section aria-labelledby="makes">
        <h2 id="makes">What we make</h2>
        <p>Of a hundred open shots. What a look is worth is reckoned from it, on every play.</p>
        <MakesForm level={level} women={defaults.women ?? false} />
      </section>
    </>
  );
}

const CARRY = { plays: 'Plays', words: 'Words of our own', answers: 'Answers to what they do' } as const;

/** Whether what was set is with the server. */
function Kept() {
  const { saving, changed } = useSaving();
  return (
    <b role="status" data-testid="save">
      {saving ? 'Saving' : changed ? 'Saved' : ''}
    </b>
  );
}

/** What is kept on this device alone. */
function Device() {
  const { down, mirrored, letters } = usePreferences();
  const units = useUnitChoice();
  const theme = useThemeChoice();
  return (
    <section aria-labelledby="device">
      <h2 id="device">On this device</h2>
      <div className="fields">
        <Choice label="Distances in" value={units} options={UNIT_OPTIONS} onChange={chooseUnits} />
        <Choice
          label="Theme"
          value={theme}
          options={[
            ['system', 'As the device has it'],
            ['light', 'Desk, light'],
            ['dark', 'Gym, dark'],
          ]}
          onChange={chooseTheme}
        />
        <Choice
          label="The basket is"
          value={down ? 'down' : 'up'}
          options={[
            ['up', 'at the top'],
            ['down', 'at the bottom'],
          ]}
          onChange={(at) => prefer({ down: at === 'down' })}
        />
      </div>
      <div style={{ display: 'grid', gap: 6, justifyItems: 'start', marginTop: 12 }}>
        <Toggle isSelected={mirrored} onChange={(on) => prefer({ mirrored: on })}>
          Mirror the court: left and right change places
        </Toggle>
        <Toggle isSelected={letters} onChange={(on) => prefer({ letters: on })}>
          Single letters and numbers are commands
        </Toggle>
      </div>
    </section>
  );
}
