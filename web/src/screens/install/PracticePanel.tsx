import {
  CAUTIONS,
  minutesGiven,
  SEASON_LIMITS,
  playMinutesOf,
  type Kept,
  type Player,
  type Practice,
} from '@corkscrew/core';
import { Plus, Trash2, X } from 'lucide-react';
import { Link } from 'react-router';
import { dayLong } from '../../app/today.ts';
import { Choice } from '../../ui/Choice.tsx';
import { Button, Sign, Toggle } from '../../ui/controls.tsx';
import { KeptVersions } from '../../ui/KeptVersions.tsx';
import { NumberField } from '../../ui/NumberField.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { When } from './When.tsx';

/** One practice: when, how long, who is away, what is added to it. */
export function PracticePanel({
  practice: { id, body },
  men,
  plays,
  contact,
  meets,
  onChange,
  onAdd,
  onRemove,
  onClose,
}: {
  practice: Kept<Practice>;
  men: readonly Kept<Player>[];
  plays: readonly (readonly [string, string])[];
  /** Contact minutes of the day and the week with the team's own limits, in words. */
  contact: string;
  /** What else stands at its hour. */
  meets: string;
  onChange: (body: Practice) => void;
  onAdd: (what: { readonly play?: string; readonly name: string }) => void;
  onRemove: () => void;
  onClose: () => void;
}) {
  const set = (change: Partial<Practice>): void => onChange({ ...body, ...change });
  return (
    <section aria-label={`Practice on ${dayLong(body.date)}`}>
      <div className="head">
        <h2>Practice, {dayLong(body.date)}</h2>
        <Sign aria-label="Close" onPress={onClose}>
          <X size={16} />
        </Sign>
        <i>
          <Link to={`/install/practice/${id}`}>At the side of the court</Link>,{' '}
          <Link to={`/print?kind=practice&practice=${id}`}>print</Link>
        </i>
      </div>
      <div className="fields">
        <div className="pair">
          <When date={body.date} start={body.start} onChange={set} />
          <NumberField
            label="Minutes"
            value={body.minutes}
            min={SEASON_LIMITS.least}
            max={SEASON_LIMITS.minutes}
            onDone={(minutes) => minutes !== undefined && set({ minutes })}
          />
          <NumberField
            label="For plays"
            value={playMinutesOf(body)}
            min={0}
            max={body.minutes}
            onDone={(n) => {
              const { playMinutes, ...rest } = body;
              void playMinutes;
              onChange(n === undefined ? rest : { ...rest, playMinutes: n });
            }}
          />
        </div>
        {meets && <p className="over">{meets}</p>}
        <TextField label="Place" value={body.place ?? ''} max={120} onDone={(place) => set({ place })} />
        <Choice
          label="Add a play"
          value=""
          options={[['', 'Which one?'], ...plays]}
          onChange={(play) => play && onAdd({ play, name: plays.find(([k]) => k === play)![1] })}
        />
        <div className="row">
          <Button onPress={() => onAdd({ name: 'Shooting' })}>
            <Plus size={14} /> Something else
          </Button>
          <Toggle isSelected={body.missed === true} onChange={(missed) => set({ missed })}>
            It was missed
          </Toggle>
        </div>
        {men.length > 0 && (
          <details>
            <summary>Away: {body.absent.length === 0 ? 'nobody is known to be' : body.absent.length}</summary>
            {men.map((m) => (
              <Toggle
                key={m.id}
                isSelected={body.absent.includes(m.id)}
                onChange={(on) =>
                  set({ absent: on ? [...body.absent, m.id] : body.absent.filter((x) => x !== m.id) })
                }
              >
                {m.body.jersey} {m.body.name}
              </Toggle>
            ))}
          </details>
        )}
        <TextField
          area
          label="Notes"
          value={body.notes ?? ''}
          max={2000}
          onDone={(notes) => set({ notes })}
        />
        <p>{contact}</p>
        <details>
          <summary>Cautions</summary>
          {CAUTIONS.map((c) => (
            <p key={c}>{c}</p>
          ))}
        </details>
        <KeptVersions
          kind="practices"
          id={id}
          now={body}
          words={(p) => `${p.blocks.length} blocks, ${minutesGiven(p)} min`}
          onBack={onChange}
        />
        <Button onPress={onRemove}>
          <Trash2 size={14} /> Take this practice out
        </Button>
      </div>
    </section>
  );
}
