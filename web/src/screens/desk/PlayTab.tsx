import {
  AGAINST,
  lineThrough,
  PLAYERS,
  readPlay,
  RULE_SETS,
  rotateNumbers,
  swapNumbers,
  type Level,
  type Play,
  type PlayerId,
} from '@corkscrew/core';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { api } from '../../app/api.ts';
import { chooseUnits, useUnitChoice, type UnitChoice } from '../../app/units.ts';
import { Area, Button, Input, Label, Select } from '../../ui/controls.tsx';
import { apply, replacePlay, useDesk } from './store.ts';

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
  .version {
    display: flex;
    justify-content: space-between;
    gap: 8px;
    align-items: center;
    padding: 6px 0;
    border-bottom: 1px solid var(--rule);
    font-size: 12.5px;
  }
`;

export const LEVELS: Record<Level, string> = {
  youth: 'Youth',
  highSchool: 'High school',
  college: 'College',
  pro: 'Professional',
};

interface FieldProps {
  label: string;
  value: string;
  onDone: (v: string) => void;
  area?: boolean;
  placeholder?: string;
  max: number;
}

/** A text field that starts over when its value is changed elsewhere, by undo for one. */
const Field = (props: FieldProps) => <FieldText key={props.value} {...props} />;

/** A text field that makes one change when it is left, not one a letter. */
function FieldText({ label, value, onDone, area, placeholder, max }: FieldProps) {
  const [text, setText] = useState(value);
  const props = {
    dir: 'auto' as const,
    value: text,
    maxLength: max,
    ...(placeholder ? { placeholder } : {}),
    onChange: (e: { target: { value: string } }) => setText(e.target.value),
    onBlur: () => text !== value && onDone(text),
    onKeyDown: (e: { key: string; currentTarget: HTMLElement }) =>
      e.key === 'Enter' && !area && e.currentTarget.blur(),
  };
  return (
    <label className={area ? 'whole' : ''}>
      <Label>{label}</Label>
      {area ? <Area {...props} /> : <Input {...props} />}
    </label>
  );
}

/** The play as a whole: its name and call, what it is for, and what can be done to all of it. */
export function PlayTab() {
  const play = useDesk((s) => s.play);
  const choice = useUnitChoice();
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
        <Field label="Name" value={play.name} max={80} onDone={(name) => apply({ do: 'name', name })} />
      </div>
      <Field
        label="Call"
        value={play.call?.word ?? ''}
        max={80}
        placeholder="One word"
        onDone={(word) => apply({ do: 'call', word })}
      />
      <Field
        label="Hand signal"
        value={play.call?.signal ?? ''}
        max={200}
        placeholder="Fist, then point"
        onDone={(signal) => apply({ do: 'call', signal })}
      />
      <div className="whole">
        <Label>Against</Label>
        <div className="chips" role="group" aria-label="Against">
          {AGAINST.map((k) => (
            <button key={k} type="button" aria-pressed={play.against.includes(k)} onClick={() => against(k)}>
              {k === 'man' ? 'Man' : k === 'any' ? 'Any' : k}
            </button>
          ))}
        </div>
      </div>
      <label>
        <Label>Court</Label>
        <Select
          value={play.court}
          onChange={(e) => apply({ do: 'court', court: e.target.value as Play['court'] })}
        >
          {Object.values(RULE_SETS).map((r) => (
            <option key={r.key} value={r.key}>
              {r.name}
            </option>
          ))}
          {play.court === 'custom' && <option value="custom">Our own</option>}
        </Select>
      </label>
      <label>
        <Label>Level</Label>
        <Select value={play.level} onChange={(e) => apply({ do: 'level', level: e.target.value as Level })}>
          {Object.entries(LEVELS).map(([k, v]) => (
            <option key={k} value={k}>
              {v}
            </option>
          ))}
        </Select>
      </label>
      <label>
        <Label>Distances in</Label>
        <Select value={choice} onChange={(e) => chooseUnits(e.target.value as UnitChoice)}>
          <option value="court">As the rules do</option>
          <option value="feet">Feet and inches</option>
          <option value="metres">Metres</option>
        </Select>
      </label>
      <Field
        label="Notes"
        value={play.notes ?? ''}
        max={4000}
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
          <Select aria-label="One number" value={a} onChange={(e) => setA(e.target.value as PlayerId)}>
            {PLAYERS.map((p) => (
              <option key={p}>{p}</option>
            ))}
          </Select>
          and
          <Select aria-label="The other number" value={b} onChange={(e) => setB(e.target.value as PlayerId)}>
            {PLAYERS.map((p) => (
              <option key={p}>{p}</option>
            ))}
          </Select>
        </div>
        <Continue />
      </div>
      <Versions />
    </Grid>
  );
}

/** Goes on from the end of this line with another play of the playbook. */
function Continue() {
  const { play, branch } = useDesk();
  const plays = useQuery({ queryKey: ['plays', false], queryFn: () => api.plays(false) });
  const others = (plays.data ?? []).filter((p) => p.id !== play.id);
  if (others.length === 0) return null;
  const go = async (id: string) => {
    const read = readPlay((await api.play(id)).document);
    if (!read.ok) return;
    const leaf = lineThrough(play, branch).at(-1)!;
    apply({ do: 'splice', after: leaf.id, play: read.play });
  };
  return (
    <div className="ops">
      <Select aria-label="Continue with" value="" onChange={(e) => void go(e.target.value)}>
        <option value="">Continue with …</option>
        {others.map((p) => (
          <option key={p.id} value={p.id}>
            {p.summary.name}
          </option>
        ))}
      </Select>
    </div>
  );
}

function Versions() {
  const { play, revision } = useDesk();
  const client = useQueryClient();
  const key = ['versions', play.id, revision];
  const versions = useQuery({ queryKey: key, queryFn: () => api.versions(play.id), enabled: revision > 0 });
  const [naming, setNaming] = useState('');
  const back = async (id: number) => {
    const read = readPlay((await api.version(play.id, id)).document);
    if (read.ok) replacePlay(read.play);
  };
  const rows = versions.data ?? [];
  if (rows.length === 0) return null;
  return (
    <div className="whole">
      <Label>Kept versions</Label>
      <form
        style={{ display: 'flex', gap: 6, marginTop: 6 }}
        onSubmit={(e) => {
          e.preventDefault();
          if (!naming.trim() || !rows[0]) return;
          void api.nameVersion(play.id, rows[0].id, naming).then((list) => {
            client.setQueryData(key, list);
            setNaming('');
          });
        }}
      >
        <Input
          aria-label="Name for the newest version"
          placeholder="Name this version"
          value={naming}
          maxLength={80}
          onChange={(e) => setNaming(e.target.value)}
        />
        <Button type="submit">Name</Button>
      </form>
      {rows.slice(0, 12).map((v, i) => (
        <div className="version" key={v.id}>
          <span>
            <b>
              {v.name ??
                (i === 0
                  ? 'Now'
                  : new Date(v.savedAt).toLocaleString(undefined, {
                      dateStyle: 'medium',
                      timeStyle: 'short',
                    }))}
            </b>{' '}
            · {v.frames === 1 ? '1 frame' : `${v.frames} frames`}
          </span>
          {i > 0 && <Button onPress={() => void back(v.id)}>Bring back</Button>}
        </div>
      ))}
    </div>
  );
}
