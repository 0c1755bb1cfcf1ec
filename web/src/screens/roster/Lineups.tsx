import { LIMITS, type Kept, type Lineup } from '@corkscrew/core';
import { useState } from 'react';
import { Choice } from '../../ui/Choice.tsx';
import { Button } from '../../ui/controls.tsx';
import { TextField } from '../../ui/TextField.tsx';

/** Fives that are kept under a name: taken, kept, named anew, thrown away. */
export function Lineups({
  rows,
  now,
  onTake,
  onChange,
  onKeep,
}: {
  rows: readonly Kept<Lineup>[];
  /** The five as they stand, with a name made of theirs; null where there are none. */
  now: Lineup | null;
  onTake: (men: Lineup['men']) => void;
  onChange: (id: string, lineup: Lineup | null) => void;
  /** Keeps a new one, and says its id. */
  onKeep: (lineup: Lineup) => string;
}) {
  const [chosen, setChosen] = useState('');
  const one = rows.find((r) => r.id === chosen);
  return (
    <div className="lineups">
      <Choice
        bare
        label="Lineup"
        value={one ? chosen : ''}
        options={[
          ['', rows.length === 0 ? 'No lineup is kept yet' : 'Lineup …'],
          ...rows.map((r) => [r.id, r.body.name] as const),
        ]}
        onChange={(id) => {
          setChosen(id);
          const taken = rows.find((r) => r.id === id);
          if (taken) onTake(taken.body.men);
        }}
      />
      {one ? (
        <>
          <TextField
            bare
            label="Name of the lineup"
            value={one.body.name}
            max={LIMITS.name}
            onDone={(name) => name.trim() && onChange(one.id, { ...one.body, name: name.trim() })}
          />
          {now && (
            <Button onPress={() => onChange(one.id, { ...one.body, men: now.men })}>
              Keep this five in it
            </Button>
          )}
          <Button
            onPress={() => {
              onChange(one.id, null);
              setChosen('');
            }}
          >
            Throw it away
          </Button>
        </>
      ) : (
        now && <Button onPress={() => setChosen(onKeep(now))}>Keep as a lineup</Button>
      )}
    </div>
  );
}
