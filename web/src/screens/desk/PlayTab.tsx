import {
  AGAINST,
  againstWords,
  LIMITS,
  lineThrough,
  type PlayerId,
  PLAYERS,
  readPlay,
  rotateNumbers,
  swapNumbers,
} from '@corkscrew/core';
import { useState } from 'react';
import styled from 'styled-components';
import { api } from '../../app/api.ts';
import { chooseUnits, UNIT_OPTIONS, useUnitChoice } from '../../app/units.ts';
import { usePlays } from '../../keeping/plays.ts';
import { useTeam } from '../../team/team.ts';
import { Choice, COURT_OPTIONS, LEVEL_OPTIONS, plain, WOMEN_OPTIONS } from '../../ui/Choice.tsx';
import { Button, Label } from '../../ui/controls.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { apply, useDesk, usePick } from './store.ts';
import { GiveOut } from './GiveOut.tsx';
import { InBook } from './InBook.tsx';
import { Taught } from './Taught.tsx';
import { Version } from './Version.tsx';
import { Versions } from './Versions.tsx';

const Grid = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  .whole {
    grid-column: 1 / -1;
  }
  label {
    display: grid;
    gap: 5px;
    align-content: start;
  }
  .chips {
    display: flex;
    flex-wrap: wrap;
    gap: 5px;
    margin-top: 5px;
  }
  .chips button {
    min-height: 26px;
    padding: 0 8px;
    border: 1px solid var(--rule-2);
    border-radius: 2px;
    background: var(--raised);
    font-weight: 640;
    font-size: 12.5px;
  }
  .chips button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--on-ink);
    border-color: var(--ink);
  }
  .ops {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    align-items: center;
    margin-top: 6px;
  }
`;

/** The play as a whole: its name and call, what it is for, and what can be done to all of it. */
export function PlayTab() {
  const play = useDesk((s) => s.play);
  const choice = useUnitChoice();
  const { team } = useTeam();
  const man = team?.defaults.man;
  // The floor it is drawn on stays to be had, whatever the team has now.
  const own =
    play.court === 'custom' ? (play.customCourt ?? team?.defaults.customCourt) : team?.defaults.customCourt;
  const [a, setA] = useState<PlayerId>('2');
  const [b, setB] = useState<PlayerId>('3');
  const against = (key: string) =>
    apply({
      do: 'against',
      against: play.against.includes(key) ? play.against.filter((k) => k !== key) : [...play.against, key],
    });
  return (
    <Grid>
      <div className="whole">
        <TextField
          label="Name"
          value={play.name}
          max={LIMITS.name}
          onDone={(name) => apply({ do: 'name', name })}
        />
      </div>
      <TextField
        label="Call"
        value={play.call?.word ?? ''}
        max={LIMITS.name}
        placeholder="One word"
        onDone={(word) => apply({ do: 'call', word })}
      />
      <TextField
        label="Hand signal"
        value={play.call?.signal ?? ''}
        max={LIMITS.line}
        placeholder="Fist, then point"
        onDone={(signal) => apply({ do: 'call', signal })}
      />
      <div className="whole">
        <Label>Against</Label>
        <div className="chips" role="group" aria-label="Against">
          {AGAINST.map((k) => (
            <button key={k} type="button" aria-pressed={play.against.includes(k)} onClick={() => against(k)}>
              {againstWords(k, man)}
            </button>
          ))}
        </div>
      </div>
      <InBook play={play} />
      <Choice
        label="Court"
        value={play.court}
        options={own ? [...COURT_OPTIONS, ['custom', own.name ?? 'Our own floor']] : COURT_OPTIONS}
        onChange={(court) =>
          apply({ do: 'court', court, ...(court === 'custom' && own ? { customCourt: own } : {}) })
        }
      />
      <Choice
        label="Level"
        value={play.level}
        options={LEVEL_OPTIONS}
        onChange={(level) => apply({ do: 'level', level })}
      />
      <Choice
        label="Speeds of"
        value={play.women ? 'women' : 'men'}
        options={WOMEN_OPTIONS}
        onChange={(who) => apply({ do: 'level', level: play.level, women: who === 'women' })}
      />
      <Choice label="Distances in" value={choice} options={UNIT_OPTIONS} onChange={chooseUnits} />
      <TextField
        label="Notes"
        value={play.notes ?? ''}
        max={LIMITS.text}
        area
        onDone={(notes) => apply({ do: 'notes', notes })}
      />
      <div className="whole">
        <Label>The whole play</Label>
        <div className="ops">
          <Button onPress={() => apply({ do: 'flip' })}>Flip left and right</Button>
          <Button onPress={() => apply({ do: 'numbers', to: rotateNumbers })}>Rotate numbers</Button>
        </div>
        <div className="ops">
          <Button onPress={() => a !== b && apply({ do: 'numbers', to: swapNumbers(a, b) })}>Swap</Button>
          <Choice bare label="One number" value={a} options={plain(PLAYERS)} onChange={setA} />
          and
          <Choice bare label="The other number" value={b} options={plain(PLAYERS)} onChange={setB} />
        </div>
        <Continue />
      </div>
      <GiveOut />
      <Version />
      <details className="whole">
        <summary>Teaching it: mistakes, changes, needs</summary>
        <Taught play={play} />
      </details>
      <Versions />
    </Grid>
  );
}

/** Goes on from the end of this line with another play of the playbook. */
function Continue() {
  const { play } = usePick('play');
  const others = (usePlays(false).shown?.rows ?? []).filter((p) => p.id !== play.id);
  if (others.length === 0) return null;
  const go = async (id: string) => {
    try {
      const read = readPlay((await api.play(id)).document);
      if (!read.ok) throw new Error(read.sentence);
      // Read anew: the play may have been drawn on while the other one was on its way.
      const now = useDesk.getState();
      const leaf = lineThrough(now.play, now.branch).at(-1)!;
      apply({ do: 'splice', after: leaf.id, play: read.play });
    } catch (error) {
      useDesk.setState({ notice: (error as Error).message });
    }
  };
  return (
    <div className="ops">
      <Choice
        bare
        label="Continue with"
        value=""
        options={[['', 'Continue with …'], ...others.map((p) => [p.id, p.summary.name] as const)]}
        onChange={(id) => void go(id)}
      />
    </div>
  );
}
