import { clearable, PLAYERS, type Kept, type Player, type PlayRoster } from '@corkscrew/core';
import { lastName } from './use-roster.ts';

/** A number without a man: who could be cleared for it in one press where nobody is, or that it waits for another number. */
export function Nobody({
  roster,
  number,
  men,
  onClear,
}: {
  roster: PlayRoster;
  number: number;
  men: readonly Kept<Player>[];
  onClear: (man: string, clearances: readonly string[]) => void;
}) {
  if (!roster.nobody.includes(PLAYERS[number]!)) return <p>Somebody can: a five waits for the others.</p>;
  const near = clearable(roster, number);
  const man = near && men[near.man];
  if (!near || !man) return <p className="gap">Nobody there can play it.</p>;
  const missing = near.missing.map((m) => m.name).join(', ');
  return (
    <>
      <p className="gap">Nobody there is cleared for it: {missing}.</p>
      <button
        type="button"
        className="other"
        onClick={() =>
          onClear(
            man.id,
            near.missing.map((m) => m.id),
          )
        }
      >
        Clear {lastName(man.body.name)}, who is nearest
      </button>
    </>
  );
}
