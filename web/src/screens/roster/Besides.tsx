import {
  interchangeable,
  turnWarnings,
  turnWords,
  type Clearance,
  type Kept,
  type Play,
  type Player,
} from '@corkscrew/core';
import { lastName } from './use-roster.ts';

/** What is worth knowing of a play beside its five: who comes where in a later turn, and which numbers are alike. */
export function Besides({
  play,
  five,
  clearances,
  day,
}: {
  play: Play;
  five: readonly (Kept<Player> | null)[];
  clearances: readonly Kept<Clearance>[];
  day: string;
}) {
  const turns = turnWarnings(play, five, clearances, day).map((w) =>
    turnWords(w, lastName(five[Number(w.number) - 1]!.body.name)),
  );
  const pairs = interchangeable(play).map((p) => p.join(' and '));
  if (turns.length === 0 && pairs.length === 0) return null;
  return (
    <section className="besides" aria-label="Beside the five">
      {turns.length > 0 && (
        <>
          <h3>When it goes round</h3>
          <ul>
            {turns.map((words) => (
              <li key={words} dir="auto">
                {words}
              </li>
            ))}
          </ul>
        </>
      )}
      {pairs.length > 0 && <p>May change places, their jobs ask the same: {pairs.join('; ')}.</p>}
    </section>
  );
}
