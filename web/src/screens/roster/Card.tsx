import {
  LIMITS,
  PLAYERS,
  presenceOn,
  SKILL_WORDS,
  SKILLS,
  type Clearance,
  type Player,
  type PlayerId,
} from '@corkscrew/core';
import { useState } from 'react';
import styled from 'styled-components';
import { Choice } from '../../ui/Choice.tsx';
import { Button, Input, Label, Toggle } from '../../ui/controls.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { Away } from './Away.tsx';
import { Cleared } from './Cleared.tsx';
import { HANDS, speedsWith, THERE, withPresence } from './choices.ts';
import type { Kept } from '@corkscrew/core';

const Box = styled.section`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  flex: 0 1 62%;
  align-content: start;
  gap: 12px;
  min-height: 0;
  overflow: auto;
  padding: 12px 14px 20px;
  border-top: 3px double var(--ink);
  background: var(--raised);
  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 10px;
    align-items: end;
  }
  .two label {
    display: grid;
    gap: 4px;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    align-items: center;
  }
  .cleared li {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 4px 10px;
    align-items: center;
    padding: 3px 0;
    font-size: 13px;
  }
  .cleared details {
    grid-column: 1 / -1;
    margin-top: -3px;
    color: var(--ink-2);
  }
  .cleared .two {
    grid-template-columns: 128px minmax(0, 1fr);
    padding: 4px 0 6px;
  }
  .cleared summary,
  .away summary {
    cursor: default;
    font-size: 13px;
  }
  .away li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) 82px 28px;
    gap: 6px;
    align-items: end;
    padding: 5px 0;
  }
  .away label {
    display: grid;
    gap: 3px;
  }
  .away [role='alert'] {
    color: var(--gap);
    font-size: 13px;
  }
  h3 {
    font-size: 14px;
    font-weight: 700;
    font-stretch: 74%;
  }
  .skills {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 4px 10px;
    align-items: center;
    font-size: 13px;
  }
`;

const RATES = [
  ['', 'Not rated'],
  ...Array.from({ length: 11 }, (_, i) => [String(i / 2), String(i / 2)] as const),
] as const;
/** Everything the team keeps of a man, each field a change when it is left. */
export function Card({
  man,
  clearances,
  day,
  onChange,
  onRemove,
  onGiveOut,
  onErase,
  onClose,
}: {
  man: Player;
  clearances: readonly Kept<Clearance>[];
  day: string;
  onChange: (man: Player) => void;
  onRemove: () => void;
  onGiveOut: () => void;
  onErase: () => void;
  onClose: () => void;
}) {
  const [sure, setSure] = useState(false);
  const set = (more: Partial<Player>): void => onChange({ ...man, ...more });
  const rate = (skill: (typeof SKILLS)[number], value: string): void => {
    const { [skill]: _was, ...rest } = man.skills;
    set({ skills: value === '' ? rest : { ...rest, [skill]: Number(value) } });
  };
  const plays = (number: PlayerId): void =>
    set({
      plays: man.plays.includes(number) ? man.plays.filter((p) => p !== number) : [...man.plays, number],
    });
  const away = presenceOn(man, day);
  return (
    <Box aria-label={man.name}>
      <div className="two">
        <TextField
          label="Name"
          value={man.name}
          max={LIMITS.name}
          onDone={(name) => name.trim() && set({ name: name.trim() })}
        />
        <TextField
          label="Shirt"
          value={man.jersey}
          max={3}
          onDone={(jersey) => set({ jersey: jersey.trim() })}
        />
      </div>
      <div>
        <Label id="numbers">Plays, the first number first</Label>
        <div className="row" role="group" aria-labelledby="numbers">
          {PLAYERS.map((p) => (
            <Toggle key={p} isSelected={man.plays.includes(p)} onChange={() => plays(p)}>
              {p}
            </Toggle>
          ))}
        </div>
      </div>
      <div className="two">
        <Choice label="Hand" value={man.hand} options={HANDS} onChange={(hand) => set({ hand })} />
        <label>
          <Label>Height, cm</Label>
          <Input
            type="number"
            min={90}
            max={260}
            defaultValue={man.heightCm ?? ''}
            onBlur={(e) => {
              const cm = Number(e.target.value);
              const { heightCm: _was, ...rest } = man;
              if (e.target.value === '') onChange(rest);
              else if (cm >= 90 && cm <= 260) set({ heightCm: cm });
            }}
          />
        </label>
        <Choice
          label="Speed"
          value={String(man.speed)}
          options={speedsWith(man.speed)}
          onChange={(s) => set({ speed: Number(s) })}
        />
        <Choice
          label="Today"
          value={away}
          options={THERE}
          onChange={(as) => onChange(withPresence(man, day, as))}
        />
      </div>
      {away !== 'in' && <p>Who may come back, and to what, medical staff say.</p>}
      <Away man={man} day={day} onChange={(out) => set({ out })} />
      <h3>How good, of 5</h3>
      <div className="skills">
        {SKILLS.map((skill) => (
          <SkillRow
            key={skill}
            name={SKILL_WORDS[skill]}
            value={man.skills[skill]}
            onChange={(v) => rate(skill, v)}
          />
        ))}
      </div>
      {clearances.length > 0 && <h3>Cleared for</h3>}
      <Cleared man={man} clearances={clearances} day={day} onChange={(cleared) => set({ cleared })} />
      <div className="row">
        <Button onPress={onClose}>Close</Button>
        <Button onPress={onRemove}>Take off the roster</Button>
        <Button onPress={onGiveOut}>Give out what is kept</Button>
        <Button onPress={() => (sure ? onErase() : setSure(true))}>
          {sure ? 'Erase for good, with all kept versions' : 'Erase'}
        </Button>
      </div>
      {sure && (
        <p>
          Name, figures and notes go and nothing brings them back, no older backup either. What was done with
          a former player stays.
        </p>
      )}
    </Box>
  );
}

function SkillRow({
  name,
  value,
  onChange,
}: {
  name: string;
  value: number | undefined;
  onChange: (v: string) => void;
}) {
  return (
    <>
      <span aria-hidden="true">{name}</span>
      <Choice
        bare
        label={name}
        value={value === undefined ? '' : String(value)}
        options={RATES}
        onChange={onChange}
      />
    </>
  );
}
