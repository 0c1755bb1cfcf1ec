import {
  LIMITS,
  PLAYERS,
  PRESETS,
  type Opponent,
  type OpponentMan,
  type PlayerId,
  type Sheet,
  type SheetChange,
} from '@corkscrew/core';
import { nanoid } from 'nanoid';
import styled from 'styled-components';
import type { Records } from '../../keeping/records.ts';
import { Choice } from '../../ui/Choice.tsx';
import { Input, Label } from '../../ui/controls.tsx';
import { NumberField } from '../../ui/NumberField.tsx';
import { TextField } from '../../ui/TextField.tsx';

const Box = styled.section`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 9px 12px;
  label {
    display: grid;
    gap: 4px;
    align-content: start;
  }
  .whole {
    grid-column: 1 / -1;
  }
  .five summary {
    padding: 4px 0;
    cursor: pointer;
    font: 640 12px/1.2 'Archivo Variable';
    font-stretch: 80%;
    color: var(--ink-2);
  }
  .man {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 72px 92px;
    gap: 6px;
    align-items: end;
    margin-bottom: 6px;
  }
  .chips {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
    margin-top: 4px;
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
  }
  @media (pointer: coarse) {
    .chips button,
    .five summary {
      min-height: 44px;
    }
  }
`;

const SPEEDS = [
  ['', 'Not known'],
  ['0.9', 'Slow'],
  ['1', 'As most'],
  ['1.1', 'Quick'],
] as const;

/** What is known of one of theirs: a few words, how tall and how fast. */
function Theirs({
  number: n,
  opponent,
  onChange,
}: {
  number: PlayerId;
  opponent: Opponent;
  onChange: (next: Opponent) => void;
}) {
  const man = opponent.men?.[n] ?? {};
  const know = (next: OpponentMan): void => {
    const { men: was, ...body } = opponent;
    const { [n]: _old, ...others } = was ?? {};
    const known = Object.values(next).some((v) => v !== undefined);
    const men = known ? { ...others, [n]: next } : others;
    onChange(Object.keys(men).length > 0 ? { ...body, men } : body);
  };
  return (
    <div className="man" role="group" aria-label={`x${n}`}>
      <TextField
        label={`x${n}`}
        value={opponent.five?.[n] ?? ''}
        max={LIMITS.line}
        placeholder="left hand, goes under"
        onDone={(said) => {
          const { five: was, ...body } = opponent;
          const { [n]: _old, ...others } = was ?? {};
          const five = said.trim() ? { ...others, [n]: said.trim() } : others;
          onChange(Object.keys(five).length > 0 ? { ...body, five } : body);
        }}
      />
      <NumberField
        label="Height, cm"
        value={man.heightCm}
        min={90}
        max={260}
        onDone={(heightCm) => know({ ...man, heightCm })}
      />
      <Choice
        label="Speed"
        value={man.speed === undefined ? '' : String(man.speed)}
        options={SPEEDS}
        onChange={(s) => know({ ...man, speed: s === '' ? undefined : Number(s) })}
      />
    </div>
  );
}

const NEW = 'new';
const wordOf = (p: (typeof PRESETS)[number]): string => `${p.defence.type}:${p.key}`;

/** What a sheet is for: its name, the day, whom they play and what those are expected to do. */
export function SheetHead({
  sheet,
  opponents,
  change,
}: {
  sheet: Sheet;
  opponents: Records<'opponents'>;
  change: (change: SheetChange) => void;
}) {
  const rows = opponents.rows ?? [];
  const opponent = rows.find((r) => r.id === sheet.opponent);
  const set = (next: Opponent): void => opponent && opponents.change(opponent.id, next);
  const toggle = (word: string): void => {
    const { expects } = opponent!.body;
    set({
      ...opponent!.body,
      expects: expects.includes(word) ? expects.filter((w) => w !== word) : [...expects, word],
    });
  };
  return (
    <Box aria-label="This sheet">
      <TextField
        label="Name of the sheet"
        value={sheet.name}
        max={LIMITS.name}
        onDone={(name) => name.trim() && change({ do: 'head', name: name.trim() })}
      />
      <label>
        <Label>Day</Label>
        <Input
          type="date"
          value={sheet.date ?? ''}
          onChange={(e) => change({ do: 'head', date: e.target.value || null })}
        />
      </label>
      <Choice
        label="Opponent"
        value={sheet.opponent ?? ''}
        options={[
          ['', 'Nobody yet'],
          ...rows.map((r) => [r.id, r.body.name] as const),
          [NEW, 'Another one …'],
        ]}
        onChange={(id) => {
          if (id !== NEW) return change({ do: 'head', opponent: id || null });
          const made = nanoid(12);
          opponents.change(made, { name: 'Opponent', expects: [] });
          change({ do: 'head', opponent: made });
        }}
      />
      {opponent && (
        <>
          <TextField
            label="Name of the opponent"
            value={opponent.body.name}
            max={LIMITS.name}
            onDone={(name) => name.trim() && set({ ...opponent.body, name: name.trim() })}
          />
          <div className="whole">
            <Label>They are expected to play</Label>
            <div className="chips" role="group" aria-label="They are expected to play">
              {PRESETS.map((p) => (
                <button
                  key={p.key}
                  type="button"
                  title={p.words}
                  aria-pressed={opponent.body.expects.includes(wordOf(p))}
                  onClick={() => toggle(wordOf(p))}
                >
                  {p.defence.name}
                </button>
              ))}
            </div>
          </div>
          <details className="whole five">
            <summary>Their five</summary>
            {PLAYERS.map((n) => (
              <Theirs key={n} number={n} opponent={opponent.body} onChange={set} />
            ))}
          </details>
        </>
      )}
    </Box>
  );
}
