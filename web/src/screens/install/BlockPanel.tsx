import {
  BLOCK_STAGES,
  BLOCK_WORDS,
  SEASON_LIMITS,
  lineWords,
  progressWords,
  type farOf,
  linesOf,
  type Block,
  type BlockStage,
  type Kept,
  type Play,
  type Practice,
} from '@corkscrew/core';
import { Lock, LockOpen, Trash2, X } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { dayLong } from '../../app/today.ts';
import { usePlainTeller } from '../../team/teller.ts';
import { Choice, type Options } from '../../ui/Choice.tsx';
import { Button, Sign } from '../../ui/controls.tsx';
import { NumberField } from '../../ui/NumberField.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { DoneFields } from './DoneFields.tsx';

const SIDES: Options<'both' | 'asDrawn' | 'flipped'> = [
  ['both', 'Both sides'],
  ['asDrawn', 'As drawn'],
  ['flipped', 'Flipped'],
];
const STAGES = BLOCK_STAGES.map((s) => [s, BLOCK_WORDS[s]] as const);

/** Everything of one block: how and how long it is run, where it stands, and how it went. */
export function BlockPanel({
  block,
  practice,
  practices,
  play,
  today,
  far,
  taught,
  why,
  onChange,
  onMoveTo,
  onRemove,
  onClose,
}: {
  block: Block;
  practice: Kept<Practice>;
  practices: readonly Kept<Practice>[];
  play: Play | undefined;
  today: string;
  /** How far each line of the play is. */
  far: ReturnType<typeof farOf>;
  /** Whether the play is taught as a whole, to be chosen. */
  taught: ReactNode;
  why: string | null;
  onChange: (change: Partial<Block>) => void;
  onMoveTo: (practice: string) => void;
  onRemove: () => void;
  onClose: () => void;
}) {
  const t = usePlainTeller();
  const { item } = block;
  const named = item.is === 'play' ? (item.leaves ?? []) : [];
  const lines = play ? linesOf(play, undefined) : [];
  const there = practices.filter((p) => p.body.date >= today || p.id === practice.id);
  return (
    <section aria-label={item.name}>
      <div className="head">
        <h2>{item.name}</h2>
        <Sign aria-label="Close" onPress={onClose}>
          <X size={16} />
        </Sign>
        <i>
          {dayLong(practice.body.date)}
          {play && (
            <>
              , <Link to={`/plays/${play.id}`}>open the play</Link>,{' '}
              <Link to={`/install/drill/${practice.id}/${block.id}`}>drill card</Link>
            </>
          )}
        </i>
      </div>
      <div className="fields">
        {why && <p>{why}</p>}
        {item.is === 'other' && (
          <TextField
            label="What"
            value={item.name}
            max={80}
            onDone={(name) => name && onChange({ item: { is: 'other', name } })}
          />
        )}
        {item.is !== 'other' && (
          <Choice
            label="How"
            value={block.stage}
            options={STAGES}
            onChange={(stage: BlockStage) => onChange({ stage })}
          />
        )}
        <div className="pair">
          <NumberField
            label="Minutes"
            value={block.minutes}
            min={1}
            max={SEASON_LIMITS.minutes}
            onDone={(minutes) => minutes !== undefined && onChange({ minutes })}
          />
          {item.is !== 'other' && (
            <NumberField
              label="Repetitions"
              value={block.reps}
              min={0}
              max={999}
              onDone={(reps) => onChange({ reps: reps ?? 0 })}
            />
          )}
        </div>
        {item.is === 'play' && (
          <Choice
            label="Side"
            value={block.side ?? 'both'}
            options={SIDES}
            onChange={(side) => onChange({ side })}
          />
        )}
        {item.is === 'play' && lines.length > 1 && play && (
          <Choice
            label="Which of it"
            value={named[0] ?? ''}
            options={[['', 'All of it'], ...lines.map((l) => [l, lineWords(play, l, t)] as const)]}
            onChange={(leaf) => {
              const { leaves, words, ...rest } = item;
              void [leaves, words];
              onChange({
                item: leaf === '' ? rest : { ...rest, leaves: [leaf], words: lineWords(play, leaf, t) },
              });
            }}
          />
        )}
        {taught}
        {play && far.length > 0 && <HowFar play={play} far={far} />}
        <TextField
          label="Freeze points, half speed, notes"
          value={block.note ?? ''}
          max={280}
          onDone={(note) => onChange({ note })}
        />
        <Choice
          label="Move to"
          value={practice.id}
          options={there.map((p) => [p.id, dayLong(p.body.date)] as const)}
          onChange={onMoveTo}
        />
        <div className="row">
          <Button
            onPress={() => onChange(block.locked ? { locked: false, planned: true } : { locked: true })}
          >
            {block.locked ? <LockOpen size={14} /> : <Lock size={14} />}{' '}
            {block.locked ? 'Let the plan move it' : 'Keep it here'}
          </Button>
          <Button onPress={onRemove}>
            <Trash2 size={14} /> Take it out
          </Button>
        </div>
      </div>
      {item.is !== 'other' && practice.body.date <= today && (
        <div className="fields">
          <DoneFields block={block} onDone={(done) => onChange({ done })} />
        </div>
      )}
    </section>
  );
}

/** How far each line of a play is, and each side where they differ. */
function HowFar({ play, far }: { play: Play; far: ReturnType<typeof farOf> }) {
  const t = usePlainTeller();
  return (
    <details className="far">
      <summary>How far it is</summary>
      <ul>
        {far.map(({ leaf, all, sides }) => (
          <li key={leaf}>
            <b>{lineWords(play, leaf, t)}</b>
            {sides ? (
              <>
                <span>As drawn: {progressWords(sides.asDrawn)}</span>
                <span>Flipped: {progressWords(sides.flipped)}</span>
              </>
            ) : (
              <span>{progressWords(all)}</span>
            )}
          </li>
        ))}
      </ul>
    </details>
  );
}
