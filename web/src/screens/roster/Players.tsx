import { heightWords, presenceOn, type Player, type Units } from '@corkscrew/core';
import { useState } from 'react';
import { Segments } from '../../ui/Segments.tsx';
import type { Kept } from '@corkscrew/core';

/** Who is chosen stays in sight when his card opens below the list. */
const intoView = (row: HTMLLIElement | null): void => {
  if (row) requestAnimationFrame(() => row.scrollIntoView({ block: 'nearest' }));
};

/** The men of the team by their shirts: height, hand, the numbers they play, and whether they are in today. */
export function Players({
  men,
  units,
  day,
  chosen,
  onChoose,
}: {
  men: readonly Kept<Player>[];
  units: Units;
  day: string;
  chosen: string | null;
  onChoose: (id: string | null) => void;
}) {
  const [only, setOnly] = useState(false);
  const there = men.map((m) => presenceOn(m.body, day));
  const count = (of: (typeof there)[number]): number => there.filter((t) => t === of).length;
  return (
    <>
      <div className="head">
        <h2>Players</h2>
        <p>
          {count('in')} in, {count('limited')} limited, {count('out')} out
        </p>
        <Segments role="group" aria-label="Whom to show">
          <button type="button" aria-pressed={!only} onClick={() => setOnly(false)}>
            All
          </button>
          <button type="button" aria-pressed={only} onClick={() => setOnly(true)}>
            In today
          </button>
        </Segments>
      </div>
      <ul>
        {men.map(({ id, body }, i) =>
          only && there[i] !== 'in' ? null : (
            <li key={id} data-presence={there[i]} ref={id === chosen ? intoView : null}>
              <button
                type="button"
                aria-pressed={id === chosen}
                onClick={() => onChoose(id === chosen ? null : id)}
              >
                <b className="shirt">{body.jersey || '–'}</b>
                <span className="who" dir="auto">
                  <b>{body.name}</b>
                  <i>
                    {[body.heightCm && heightWords(body.heightCm, units), body.hand, ...numbersOf(body)]
                      .filter(Boolean)
                      .join(', ')}
                  </i>
                </span>
                <span className="there" data-as={there[i]} aria-hidden="true" />
                {there[i] !== 'in' && <span className="as">{there[i]}</span>}
              </button>
            </li>
          ),
        )}
      </ul>
      {men.length === 0 && <p className="none">Nobody is on the roster yet.</p>}
    </>
  );
}

const numbersOf = ({ plays }: Player): string[] => (plays.length > 0 ? [`plays ${plays.join(' and ')}`] : []);
