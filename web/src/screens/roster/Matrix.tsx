import { PLAYERS, type Player, type Sheet, type SheetAnswer, type Units } from '@corkscrew/core';
import type { Kept } from '@corkscrew/core';
import { LooksByMan, Settled } from './Settled.tsx';
import { lastName, type RosterPlay } from './use-roster.ts';

/** Every play of the sheet with every man: filled is the best five of the play, outlined who could as well. */
export function Matrix({
  plays,
  men,
  five,
  none,
  sheet,
  units,
  onSettle,
  chosen,
  man,
  onPlay,
  onMan,
}: {
  plays: readonly RosterPlay[];
  men: readonly Kept<Player>[];
  five: SheetAnswer | null;
  /** It was looked for and there are no five. */
  none: boolean;
  sheet: Sheet | undefined;
  units: Units;
  onSettle: (change: Pick<Sheet, 'must' | 'apart'>) => void;
  chosen: string | null;
  man: string | null;
  onPlay: (id: string) => void;
  onMan: (id: string) => void;
}) {
  const nobody = plays.flatMap((p) => p.roster.nobody.map((n) => ({ play: p.play, number: n })));
  return (
    <section className="sheet" aria-label="Whole call sheet">
      <div className="head">
        <h2>Whole call sheet</h2>
        <p>{plays.length} plays</p>
      </div>
      <div className="roll">
        <table>
          <thead>
            <tr>
              <th scope="col" aria-label="Player" />
              {plays.map(({ play }) => (
                <th key={play.id} scope="col" data-here={play.id === chosen ? '' : undefined}>
                  <button type="button" onClick={() => onPlay(play.id)}>
                    <span title={play.name}>{play.name}</span>
                  </button>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {men.map(({ id, body }, m) => (
              <tr key={id} data-here={id === man ? '' : undefined}>
                <th scope="row">
                  <button type="button" dir="auto" onClick={() => onMan(id)}>
                    <i>{body.jersey}</i> {lastName(body.name)}
                  </button>
                </th>
                {plays.map(({ play, roster }) => {
                  const plays5 = roster.best?.men.indexOf(m) ?? -1;
                  const could = PLAYERS.filter(
                    (_, n) => n !== plays5 && typeof roster.scores[m]?.[n] === 'number',
                  );
                  return (
                    <td key={play.id} data-here={play.id === chosen ? '' : undefined}>
                      {plays5 >= 0 ? (
                        <span className="disc">{PLAYERS[plays5]}</span>
                      ) : (
                        could.slice(0, 2).map((n) => (
                          <span key={n} className="ring" data-small={could.length > 1 ? '' : undefined}>
                            {n}
                          </span>
                        ))
                      )}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
          <tfoot>
            <tr>
              <th scope="row">Filled</th>
              {plays.map(({ play, roster }) => (
                <td key={play.id} data-here={play.id === chosen ? '' : undefined}>
                  {roster.nobody.length > 0 ? (
                    <span className="hole" title={`Nobody there can play ${roster.nobody.join(' and ')}`}>
                      {5 - roster.nobody.length}
                    </span>
                  ) : (
                    5
                  )}
                </td>
              ))}
            </tr>
          </tfoot>
        </table>
      </div>
      <p className="key">
        <span className="disc">3</span> best five <span className="ring">3</span> could{' '}
        <span className="hole">4</span> a number nobody can play
      </p>
      <ul className="told">
        {five && (
          <li>
            <b>The five for the whole sheet</b>
            <p dir="auto">{five.best.men.map((m) => lastName(men[m]!.body.name)).join(', ')}</p>
            <p>{absenceWords(five, men)}</p>
            {five.next && (
              <p dir="auto">Next best: {five.next.men.map((m) => lastName(men[m]!.body.name)).join(', ')}</p>
            )}
          </li>
        )}
        {five && (
          <li>
            <LooksByMan men={men} plays={plays} five={five} units={units} />
          </li>
        )}
        {none && (
          <li className="gap">
            <b>There are no five with all who must and without those who may not be together.</b>
          </li>
        )}
        {sheet && (
          <li>
            <Settled men={men} sheet={sheet} onSettle={onSettle} />
          </li>
        )}
        {nobody.map(({ play, number }) => (
          <li key={`${play.id} ${number}`} className="gap">
            <b>
              {play.name}: nobody there can play {number}
            </b>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Whose absence costs the sheet most, and how much of all it is worth. */
function absenceWords({ best, without }: SheetAnswer, men: readonly Kept<Player>[]): string {
  const costs = best.men.map((m) => ({ m, cost: without[m] ?? Infinity })).sort((a, b) => b.cost - a.cost);
  const [dear] = costs;
  if (!dear || best.value <= 0) return '';
  const name = lastName(men[dear.m]!.body.name);
  return dear.cost === Infinity
    ? `Without ${name} there are no five.`
    : `${name} is missed most: without, they fit ${Math.round((100 * dear.cost) / best.value)} % less.`;
}
