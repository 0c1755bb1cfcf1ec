import { moveWords, type PlanMove } from '@corkscrew/core';
import { X } from 'lucide-react';
import type { LongerLook } from './planning.ts';
import { Button, MainButton, Sign } from '../../ui/controls.tsx';

/** A plan that was found, before it is taken: what it moves, and what it is good for. */
export function PlanBox({
  moves,
  before,
  after,
  dayName,
  look,
  gives,
  onBetter,
  onStop,
  onTake,
  onLeave,
  onMend,
}: {
  moves: readonly PlanMove[];
  /** Plays on course or ready for each game, of how many, in words. */
  before: readonly string[];
  after: readonly string[];
  dayName: (practice: string) => string;
  look: LongerLook | null;
  /** What would give more for certain: what is let go, what comes of it, and how it is done. */
  gives: readonly {
    readonly words: string;
    readonly gains: readonly string[];
    readonly onTake: () => void;
  }[];
  /** None where a plan is only mended: what is better would be another one. */
  onBetter: (() => void) | null;
  onStop: () => void;
  onTake: () => void;
  onLeave: () => void;
  /** Where what stands leaves no room: some of it is moved. */
  onMend: (() => void) | null;
}) {
  return (
    <section aria-label="The plan">
      <div className="head">
        <h2>{moves.length === 0 ? 'Nothing to change' : `${moves.length} changes, not taken yet`}</h2>
        <Sign aria-label="Leave the plan" onPress={onLeave}>
          <X size={16} />
        </Sign>
      </div>
      <div className="told">
        {after.map((words, i) => (
          <p key={words}>
            {words}
            {before[i] !== words && `; now ${before[i]!.split(': ').at(-1)!}`}
          </p>
        ))}
        <div className="row">
          {moves.length > 0 && <MainButton onPress={onTake}>Take the plan</MainButton>}
          <Button onPress={onLeave}>Leave it</Button>
          {onMend && moves.length === 0 && <Button onPress={onMend}>Mend it with few changes</Button>}
          {look?.runs ? (
            <Button onPress={onStop}>Stop looking</Button>
          ) : (
            onBetter && <Button onPress={onBetter}>Look longer</Button>
          )}
        </div>
        {look && <p role="status">{look.words}</p>}
      </div>
      {gives.length > 0 && (
        <ul className="gives" aria-label="What would give more">
          {gives.map((g) => (
            <li key={g.words}>
              <b>{g.words}</b>
              {g.gains.map((w) => (
                <span key={w}>{w}</span>
              ))}
              <Button onPress={g.onTake}>Do it, and plan again</Button>
            </li>
          ))}
        </ul>
      )}
      <ul className="moves" aria-label="What changes">
        {moves.map((m, i) => (
          <li key={i}>{moveWords(m, dayName)}</li>
        ))}
      </ul>
    </section>
  );
}
