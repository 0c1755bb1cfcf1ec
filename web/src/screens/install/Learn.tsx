import {
  ABOUT,
  cheapestOrder,
  conceptWords,
  doneWith,
  knownTo,
  levelOf,
  memoryLoad,
  MEMORY,
  mondayOf,
  noveltyOf,
  wantsOf,
  type Game,
  type Play,
} from '@corkscrew/core';
import { useState } from 'react';
import { useDocuments } from '../../keeping/relations.ts';
import { usePlainTeller } from '../../team/teller.ts';
import type { Install } from './use-install.ts';

/** What every number has to know by the game, and which play would cost least to learn next. */
export function Learn({
  install,
  game,
  others,
}: {
  install: Install;
  game: Game;
  /** Plays of the playbook that stand on no sheet of a game to come. */
  others: readonly string[];
}) {
  const { team, day } = install;
  const practices = team.practices.map((p) => p.body);
  const plays = wantsOf(game, team.sheets).flatMap((w) => team.plays.get(w.play) ?? []);
  const week = mondayOf(day);
  const before = practices.filter((p) => p.date < week);
  const load = memoryLoad(plays, team.season, (p) => doneWith(p, null, before, []).length === 0);
  const most = team.season?.memory ?? MEMORY[levelOf(plays)];
  const over = load.filter((l) => l.taught > most);
  const [open, setOpen] = useState(false);
  return (
    <>
      <details className="told">
        <summary>
          What each number has to know
          {over.length > 0 && (
            <span className="over">
              {' '}
              {over.length} above your {most}
            </span>
          )}
        </summary>
        {load.map((l) => (
          <p key={l.number} className={l.taught > most ? 'over' : ''}>
            <b>{l.number}</b>: {l.plays} plays, {l.lines} lines
            {l.taught !== l.plays && `, taught as ${l.taught}`}
            {l.fresh > 0 && `, ${l.fresh} new this week`}
          </p>
        ))}
      </details>
      <details className="told" onToggle={(e) => setOpen(e.currentTarget.open)}>
        <summary>What would be cheapest to learn next</summary>
        {open && <Cheapest install={install} ids={others} known={knownTo(team, practices, day)} />}
      </details>
    </>
  );
}

/** So many are told. */
const TOLD = 5;

function Cheapest({
  install,
  ids,
  known,
}: {
  install: Install;
  ids: readonly string[];
  known: ReadonlySet<string>;
}) {
  const t = usePlainTeller();
  const plays = useDocuments(ids);
  const untaught = [...plays.values()].filter(
    (p: Play) =>
      doneWith(
        p,
        null,
        install.team.practices.map((x) => x.body),
        [],
      ).length === 0,
  );
  const order = cheapestOrder(untaught, known).slice(0, TOLD);
  if (order.length === 0) return <p>Every play stands on a call sheet or was taught already.</p>;
  return (
    <>
      {order.map(({ play, novelty }) => {
        const alone = noveltyOf(play, new Set());
        const shares = novelty.shares.slice(0, 3).map((k) => conceptWords(k, t));
        return (
          <p key={play.id}>
            <b>{play.name}</b>: {Math.round(novelty.minutes * 2) / 2} min instead of{' '}
            {Math.round(alone.minutes * 2) / 2}
            {shares.length > 0 && `; you know its ${t.all(shares)}`}.
          </p>
        );
      })}
      <p className="key">
        From what was taught so far, one after the other. Minutes within {ABOUT} of each other are about the
        same.
      </p>
    </>
  );
}
