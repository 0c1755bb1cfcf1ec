import { courtFor, type Player } from '@corkscrew/core';
import { Plus } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useUnits } from '../../app/units.ts';
import { Choice } from '../../ui/Choice.tsx';
import { MainButton } from '../../ui/controls.tsx';
import { TopBar } from '../../ui/TopBar.tsx';
import { Card } from './Card.tsx';
import { Page } from './look.ts';
import { Matrix } from './Matrix.tsx';
import { Players } from './Players.tsx';
import { PlayFit } from './PlayFit.tsx';
import { useRoster } from './use-roster.ts';

const NEW: Player = {
  ...{ jersey: '', name: 'New player', plays: [], hand: 'right', speed: 1 },
  ...{ skills: {}, cleared: [], out: [] },
};

/** Who can play which number, how well, and who are the best five: for one play, and for a whole call sheet. */
export default function Roster() {
  const [params, setParams] = useSearchParams();
  const roster = useRoster(params.get('sheet'));
  const { men, plays, sheets, sheet, players } = roster;
  const [man, setMan] = useState<string | null>(null);
  const chosen = plays.find((p) => p.play.id === params.get('play')) ?? plays[0];
  const units = useUnits(chosen ? courtFor(chosen.play) : { units: 'feet' });
  const choose = (key: 'sheet' | 'play') => (id: string) =>
    setParams((now) => ({ ...Object.fromEntries(now), [key]: id }), { replace: true });
  useEffect(() => {
    document.title = 'Roster · Corkscrew';
  }, []);
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
        {sheets.length > 0 && (
          <Choice
            bare
            label="For which call sheet"
            value={sheet?.id ?? ''}
            options={sheets.map((s) => [s.id, s.body.name] as const)}
            onChange={choose('sheet')}
          />
        )}
      </TopBar>
      <div className="columns">
        <section className="players" aria-label="Players">
          <Players men={men} units={units} day={roster.day} chosen={man} onChoose={setMan} />
          {card && (
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
            onPlay={choose('play')}
            onMan={setMan}
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
          chosen={chosen?.play.id ?? null}
          man={man}
          onPlay={choose('play')}
          onMan={setMan}
        />
      </div>
    </Page>
  );
}
