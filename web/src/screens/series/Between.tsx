import { defenceWords, type PairRow, type PlayRow, type Relations } from '@corkscrew/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { changePlay } from '../../keeping/change.ts';
import { useUnits } from '../../app/units.ts';
import { courtFor, sayDistance } from '@corkscrew/core';
import { Button } from '../../ui/controls.tsx';

const Box = styled.section`
  border-top: 1px solid var(--rule-2);
  padding: 10px 14px 12px;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 10px 28px;
  h2 {
    font-size: 16px;
    font-weight: 700;
    font-stretch: 74%;
    margin-bottom: 4px;
  }
  li {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 8px;
    min-height: 32px;
    padding: 4px 0;
    border-bottom: 1px solid var(--rule);
    font-size: 13px;
  }
  li > span {
    min-width: 0;
  }
  b {
    font: 700 13.5px/1.15 'Archivo Variable';
    font-stretch: 76%;
  }
  a {
    color: inherit;
  }
  .hurt {
    margin-bottom: 8px;
  }
  p {
    color: var(--ink-2);
    font-size: 13px;
  }
`;

/** So many of each are worth reading. */
const SHOWN = 6;
const BEST = 3;

/** What plays have to do with each other beside their start: what punishes what hurts one, where they flow, how they end. */
export function Between({
  rows,
  all,
  relations,
}: {
  rows: readonly PlayRow[];
  all: readonly PlayRow[];
  relations: Relations;
}) {
  const ids = new Set(rows.map((r) => r.id));
  const name = (id: string): string => all.find((r) => r.id === id)?.summary.name ?? 'a play that is gone';
  const live = new Set(all.filter((r) => r.summary.status !== 'retired').map((r) => r.id));
  const hurt = rows.flatMap((r) => {
    const found = relations.counters
      .filter((c) => c.to === r.id && live.has(c.by))
      .sort((a, b) => Number(ids.has(b.by)) - Number(ids.has(a.by)) || b.trial.worth - a.trial.worth);
    return found[0]
      ? [{ row: r, own: found[0].own, against: found[0].against, by: found.slice(0, BEST) }]
      : [];
  });
  const flows = relations.pairs
    .flatMap((p): { from: string; to: string; into: NonNullable<PairRow['into']> }[] => [
      ...(p.into ? [{ from: p.a, to: p.b, into: p.into }] : []),
      ...(p.back ? [{ from: p.b, to: p.a, into: p.back }] : []),
    ])
    .filter((f) => ids.has(f.from) && live.has(f.to))
    .sort((a, b) => a.into.seconds - b.into.seconds);
  const tails = relations.pairs.filter(
    (p) => p.tail && (ids.has(p.a) || ids.has(p.b)) && live.has(p.a) && live.has(p.b),
  );
  const said = (id: string, to: string): boolean =>
    all.find((r) => r.id === id)?.summary.counterTo.some((c) => c.play === to) ?? false;
  return (
    <Box aria-label="Between plays">
      <div>
        <h2>What punishes what hurts them</h2>
        {hurt.length === 0 && <p>Nothing of ours is open against what hurts these most.</p>}
        {hurt.map(({ row, own, against, by }) => (
          <div key={row.id} className="hurt">
            <p>
              <b dir="auto">{row.summary.name}</b> is worth {own.worth.toFixed(2)} against its worst.{' '}
              {defenceWords(against)}.
            </p>
            <ul aria-label={`Against what hurts ${row.summary.name}`}>
              {by.map((c) => (
                <li key={c.by}>
                  <span>
                    <b>
                      <Link to={`/plays/${c.by}`}>{name(c.by)}</Link>
                    </b>
                    :{' '}
                    {c.trial.player && c.trial.at !== null
                      ? `${c.trial.player} at ${c.trial.at.toFixed(1)} s, `
                      : ''}
                    worth {c.trial.worth.toFixed(2)}
                  </span>
                  <Say by={c.by} to={c.to} name={row.summary.name} said={said(c.by, c.to)} />
                </li>
              ))}
            </ul>
          </div>
        ))}
      </div>
      <div>
        <h2>Where they flow</h2>
        {flows.length === 0 && <p>No end of these is near where another one starts.</p>}
        <ul>
          {flows.slice(0, SHOWN).map(({ from, to, into }) => (
            <Flow key={`${from} ${to}`} from={name(from)} to={name(to)} into={into} id={to} />
          ))}
        </ul>
      </div>
      {tails.length > 0 && (
        <div>
          <h2>They end alike</h2>
          <ul>
            {tails.slice(0, SHOWN).map((p) => (
              <li key={`${p.a} ${p.b}`}>
                <span>
                  <b>{name(p.a)}</b> and <b>{name(p.b)}</b>: the last {p.tail!.seconds.toFixed(1)} s are the
                  same
                  {p.tail!.mirrored ? ', on the other side' : ''}.
                </span>
              </li>
            ))}
          </ul>
        </div>
      )}
    </Box>
  );
}

const NUMBERS = ['nobody is', 'one is', 'two are', 'three are', 'four are', 'all five are'];

function Flow({
  from,
  to,
  into,
  id,
}: {
  from: string;
  to: string;
  into: NonNullable<PairRow['into']>;
  id: string;
}) {
  const units = useUnits(courtFor({ court: 'nfhs' }));
  const way =
    into.there === 5
      ? 'everybody is there'
      : `${NUMBERS[into.there]!} there already, ${into.who} has ${sayDistance(Math.round(into.feet), units)}, ${into.seconds.toFixed(1)} s`;
  return (
    <li>
      <span>
        <b>{from}</b> into{' '}
        <b>
          <Link to={`/plays/${id}`}>{to}</Link>
        </b>
        {into.flipped ? ', on the other side' : ''}: {way}
        {into.pass ? `; ${into.pass[0]} gives it to ${into.pass[1]}` : ''}.
      </span>
    </li>
  );
}

/** Takes a counter that was found as the coach's own word. */
function Say({ by, to, name, said }: { by: string; to: string; name: string; said: boolean }) {
  const client = useQueryClient();
  const [failed, setFailed] = useState<string | null>(null);
  if (said) return <i>said</i>;
  return (
    <>
      <Button
        aria-label={`Counter to ${name}: say so`}
        onPress={() => {
          changePlay(by, (play) => [
            { do: 'counterTo', counterTo: [...(play.counterTo ?? []), { play: to, name }] },
          ])
            .then(() => client.invalidateQueries({ queryKey: ['plays'] }))
            .catch((error: Error) => setFailed(error.message));
        }}
      >
        Counter
      </Button>
      {failed && <span role="alert">{failed}</span>}
    </>
  );
}
