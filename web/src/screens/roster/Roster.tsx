import { courtFor, type Player } from '@corkscrew/core';
import { playersCsv, readPlayersCsv } from '@corkscrew/words/csv';
import { Plus } from 'lucide-react';
import { useQueryClient } from '@tanstack/react-query';
import { nanoid } from 'nanoid';
import { lazy, Suspense, useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import { z } from 'zod';
import { call } from '../../app/api.ts';
import { useRecords } from '../../keeping/records.ts';
import { useUnits } from '../../app/units.ts';
import { Choice } from '../../ui/Choice.tsx';
import { Button, MainButton } from '../../ui/controls.tsx';
import { AllElsewhere } from '../../ui/Elsewhere.tsx';
import { FileButton } from '../../ui/FileButton.tsx';
import { saveText } from '../../ui/save-file.ts';
import { Segments } from '../../ui/Segments.tsx';
import { TopBar } from '../../ui/TopBar.tsx';
import { Card } from './Card.tsx';
import { Clearances } from './Clearances.tsx';
import { Page } from './look.ts';
import { Matrix } from './Matrix.tsx';
import { Players } from './Players.tsx';
import { PlayFit } from './PlayFit.tsx';
import { useRoster } from './use-roster.ts';

const PlayerTable = lazy(() => import('./table/PlayerTable.tsx').then((m) => ({ default: m.PlayerTable })));

const NEW: Player = {
  ...{ jersey: '', name: 'New player', plays: [], hand: 'right', speed: 1 },
  ...{ skills: {}, cleared: [], out: [] },
};

/** Who can play which number, how well, and who are the best five: for one play, and for a whole call sheet. */
export default function Roster() {
  const [params, setParams] = useSearchParams();
  const client = useQueryClient();
  const lineups = useRecords('lineups');
  const roster = useRoster(params.get('sheet'));
  const { men, plays, sheets, sheet, players } = roster;
  const [man, setMan] = useState<string | null>(null);
  const [clearing, setClearing] = useState(false);
  const [told, setTold] = useState<readonly string[]>([]);
  const chosen = plays.find((p) => p.play.id === params.get('play')) ?? plays[0];
  const units = useUnits(chosen ? courtFor(chosen.play) : { units: 'feet' });
  const choose = (key: 'sheet' | 'play') => (id: string) =>
    setParams((now) => ({ ...Object.fromEntries(now), [key]: id }), { replace: true });
  useEffect(() => {
    document.title = 'Roster · Corkscrew';
  }, []);
  /** Who is on a list is taken in, all or none; what was done with it is told. */
  const takeIn = async (file: File): Promise<void> => {
    const read = readPlayersCsv(await file.text(), men);
    if (!read.ok) {
      setTold([`${file.name}: ${read.sentence} None was taken.`]);
      return;
    }
    for (const { id, body } of read.players) players.change(id ?? nanoid(12), body);
    const fresh = read.players.filter((p) => p.id === null).length;
    setTold([`${fresh} new, ${read.players.length - fresh} changed.`, ...read.told]);
  };
  /** A man and all kept versions of him go for good; away from the server nothing is erased, and it is said. */
  const erase = (id: string): Promise<void> =>
    call(z.object({ ok: z.boolean() }), `/api/players/${encodeURIComponent(id)}/erase`, { method: 'POST' })
      .then(() => client.invalidateQueries({ queryKey: ['records', 'players'] }))
      .catch((error: Error) => setTold([`Nothing was erased. ${error.message}`]));
  const table = params.get('view') === 'table';
  const look = (view: string): void =>
    setParams(
      (now) => {
        const { view: _was, ...rest } = Object.fromEntries(now);
        return view ? { ...rest, view } : rest;
      },
      { replace: true },
    );
  const card = men.find((m) => m.id === man);
  return (
    <Page>
      <TopBar
        room="roster"
        end={
          <MainButton
            onPress={() => {
              const id = nanoid(12);
              players.change(id, NEW);
              setMan(id);
            }}
          >
            <Plus size={15} /> Player
          </MainButton>
        }
      >
        <h1 className="said">Roster and fit</h1>
        <Segments className="wide" role="group" aria-label="How to look at it">
          <button type="button" aria-pressed={!table} onClick={() => look('')}>
            Fit
          </button>
          <button type="button" aria-pressed={table} onClick={() => look('table')}>
            Table
          </button>
        </Segments>
        {sheets.length > 0 && !table && (
          <Choice
            bare
            label="For which call sheet"
            value={sheet?.id ?? ''}
            options={sheets.map((s) => [s.id, s.body.name] as const)}
            onChange={choose('sheet')}
          />
        )}
      </TopBar>
      {table ? (
        <Suspense fallback={null}>
          <PlayerTable
            men={men}
            day={roster.day}
            fresh={man}
            onChange={players.change}
            onCard={(id) => {
              setMan(id);
              setClearing(false);
              look('');
            }}
          />
        </Suspense>
      ) : (
        <div className="columns">
          <section className="players" aria-label="Players">
            <div className="lists">
              <Button onPress={() => setClearing(!clearing)}>Clearances</Button>
              <FileButton accept="text/csv,.csv" onFile={(file) => void takeIn(file)}>
                Bring in a list
              </FileButton>
              <Button
                isDisabled={men.length === 0}
                onPress={() => saveText('players.csv', playersCsv(men.map((m) => m.body)), 'text/csv')}
              >
                Give it out
              </Button>
            </div>
            <AllElsewhere records={players} name={(m) => m.name} />
            {told.length > 0 && (
              <div className="list-told" role="status">
                {told.map((t) => (
                  <p key={t} dir="auto">
                    {t}
                  </p>
                ))}
                <Button onPress={() => setTold([])}>Good</Button>
              </div>
            )}
            <Players
              men={men}
              units={units}
              day={roster.day}
              chosen={man}
              onChoose={(id) => {
                setMan(id);
                setClearing(false);
              }}
            />
            {clearing && <Clearances plays={plays} onClose={() => setClearing(false)} />}
            {card && !clearing && (
              <Card
                key={card.id}
                man={card.body}
                clearances={roster.clearances}
                day={roster.day}
                onChange={(body) => players.change(card.id, body)}
                onRemove={() => {
                  players.change(card.id, null);
                  setMan(null);
                }}
                onGiveOut={() => location.assign(`/api/players/${encodeURIComponent(card.id)}/kept`)}
                onErase={() => {
                  setMan(null);
                  void erase(card.id);
                }}
                onClose={() => setMan(null)}
              />
            )}
          </section>
          {chosen ? (
            <PlayFit
              key={chosen.play.id}
              of={chosen}
              men={men}
              plays={plays}
              chosen={man}
              clearances={roster.clearances}
              day={roster.day}
              units={units}
              lineups={lineups}
              onPlay={choose('play')}
              onMan={setMan}
              onClear={(id, wanted) => {
                const one = men.find((m) => m.id === id);
                if (!one) return;
                const kept = one.body.cleared.filter((c) => !wanted.includes(c.clearance));
                const now = wanted.map((clearance) => ({
                  clearance,
                  level: 'game' as const,
                  since: roster.day,
                }));
                players.change(id, { ...one.body, cleared: [...kept, ...now] });
              }}
            />
          ) : (
            <section className="fit">
              <p className="none">
                {sheets.length === 0
                  ? 'A call sheet says which plays are wanted. Make one in the playbook.'
                  : 'There is no play on this call sheet.'}
              </p>
            </section>
          )}
          <Matrix
            plays={plays}
            men={men}
            five={roster.five}
            none={roster.none}
            sheet={sheet?.body}
            units={units}
            onSettle={roster.settle}
            chosen={chosen?.play.id ?? null}
            man={man}
            onPlay={choose('play')}
            onMan={setMan}
          />
        </div>
      )}
    </Page>
  );
}
