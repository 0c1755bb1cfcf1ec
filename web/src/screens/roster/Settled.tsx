import {
  looksByMan,
  sayDistance,
  type Kept,
  type Player,
  type Sheet,
  type SheetAnswer,
  type Units,
} from '@corkscrew/core';
import { X } from 'lucide-react';
import { useState } from 'react';
import { Choice } from '../../ui/Choice.tsx';
import { Button } from '../../ui/controls.tsx';
import { lastName, type RosterPlay } from './use-roster.ts';

type Pair = readonly [string, string];

/** What a coach has settled of the five for a whole sheet: who is on the floor whatever comes, and who are not there together. */
export function Settled({
  men,
  sheet,
  onSettle,
}: {
  men: readonly Kept<Player>[];
  sheet: Sheet;
  onSettle: (change: Pick<Sheet, 'must' | 'apart'>) => void;
}) {
  const [one, setOne] = useState('');
  const must = sheet.must ?? [];
  const apart = sheet.apart ?? [];
  const name = (id: string): string => {
    const man = men.find((m) => m.id === id);
    return man ? lastName(man.body.name) : 'a former player';
  };
  const of = (left: (id: string) => boolean, first: string) =>
    [
      ['', first] as const,
      ...men.filter((m) => left(m.id)).map((m) => [m.id, lastName(m.body.name)] as const),
    ] as const;
  const pair = (a: Pair): string => `${name(a[0])} and ${name(a[1])}`;
  return (
    <details className="settled">
      <summary>Who must, and who not together</summary>
      <div className="row">
        {must.map((id) => (
          <Button
            key={id}
            onPress={() => onSettle({ must: must.filter((m) => m !== id) })}
            aria-label={`${name(id)} need not be on the floor`}
          >
            {name(id)} always <X size={13} />
          </Button>
        ))}
        {must.length < 5 && (
          <Choice
            bare
            label="On the floor whatever comes"
            value=""
            options={of((id) => !must.includes(id), 'Always on the floor …')}
            onChange={(id) => id !== '' && onSettle({ must: [...must, id] })}
          />
        )}
        {apart.map((a) => (
          <Button
            key={pair(a)}
            onPress={() => onSettle({ apart: apart.filter((x) => x !== a) })}
            aria-label={`${pair(a)} may be together`}
          >
            {pair(a)} apart <X size={13} />
          </Button>
        ))}
        <Choice
          bare
          label="Not together: who"
          value={one}
          options={of(() => true, 'Not together …')}
          onChange={setOne}
        />
        {one !== '' && (
          <Choice
            bare
            label="Not together: with whom"
            value=""
            options={of((id) => id !== one, 'with …')}
            onChange={(id) => {
              if (id === '') return;
              onSettle({ apart: [...apart, [one, id]] });
              setOne('');
            }}
          />
        )}
      </div>
    </details>
  );
}

/** Who gets how many first and second looks over the sheet, who screens and who runs most: the five as they play it. */
export function LooksByMan({
  men,
  plays,
  five,
  units,
}: {
  men: readonly Kept<Player>[];
  plays: readonly RosterPlay[];
  five: SheetAnswer;
  units: Units;
}) {
  const played = five.best.plays.flatMap((f, i) =>
    f && plays[i] ? [{ play: plays[i].play, five: f.men }] : [],
  );
  return (
    <details>
      <summary>Who gets the looks</summary>
      <table className="looks">
        <thead>
          <tr>
            <th scope="col">Player</th>
            <th scope="col">First</th>
            <th scope="col">Second</th>
            <th scope="col">Screens</th>
            <th scope="col">Runs</th>
          </tr>
        </thead>
        <tbody>
          {five.best.men.map((m) => {
            const looks = looksByMan(played, m);
            return (
              <tr key={m}>
                <th scope="row">{lastName(men[m]!.body.name)}</th>
                <td>{looks.first}</td>
                <td>{looks.second}</td>
                <td>{looks.screens}</td>
                <td>{sayDistance(looks.feet, units)}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </details>
  );
}
