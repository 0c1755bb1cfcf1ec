import type { Game, Kept, Sheet } from '@corkscrew/core';
import { Trash2, X } from 'lucide-react';
import { dayLong } from '../../app/today.ts';
import { Choice } from '../../ui/Choice.tsx';
import { Button, Sign, Toggle } from '../../ui/controls.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { When } from './When.tsx';

/** One game: when, against whom, by which call sheet. */
export function GamePanel({
  game: { body },
  opponents,
  sheets,
  meets,
  onChange,
  onRemove,
  onClose,
}: {
  game: Kept<Game>;
  opponents: readonly Kept<{ readonly name: string }>[];
  sheets: readonly Kept<Sheet>[];
  /** What else stands at its hour. */
  meets: string;
  onChange: (body: Game) => void;
  onRemove: () => void;
  onClose: () => void;
}) {
  const set = (change: Partial<Game>): void => onChange({ ...body, ...change });
  return (
    <section aria-label="Game">
      <div className="head">
        <h2>Game, {dayLong(body.date)}</h2>
        <Sign aria-label="Close" onPress={onClose}>
          <X size={16} />
        </Sign>
      </div>
      <div className="fields">
        <div className="pair">
          <When date={body.date} start={body.start} onChange={set} />
        </div>
        {meets && <p className="over">{meets}</p>}
        <Choice
          label="Opponent"
          value={body.opponent ?? ''}
          options={[['', 'Somebody else'], ...opponents.map((o) => [o.id, o.body.name] as const)]}
          onChange={(id) => {
            const { opponent, ...rest } = body;
            void opponent;
            onChange(id === '' ? rest : { ...rest, opponent: id });
          }}
        />
        {!body.opponent && (
          <TextField label="Who" value={body.name ?? ''} max={80} onDone={(name) => set({ name })} />
        )}
        <Choice
          label="Call sheet"
          value={body.sheet ?? ''}
          options={[['', 'None yet'], ...sheets.map((s) => [s.id, s.body.name] as const)]}
          onChange={(id) => {
            const { sheet, ...rest } = body;
            void sheet;
            onChange(id === '' ? rest : { ...rest, sheet: id });
          }}
        />
        <div className="row">
          <Toggle isSelected={body.home} onChange={(home) => set({ home })}>
            At home
          </Toggle>
          <Toggle isSelected={body.scrimmage === true} onChange={(scrimmage) => set({ scrimmage })}>
            Scrimmage
          </Toggle>
        </div>
        <TextField label="Place" value={body.place ?? ''} max={120} onDone={(place) => set({ place })} />
        <TextField
          area
          label="Notes"
          value={body.notes ?? ''}
          max={2000}
          onDone={(notes) => set({ notes })}
        />
        <Button onPress={onRemove}>
          <Trash2 size={14} /> Take this game out
        </Button>
      </div>
    </section>
  );
}
