import { DUTY_WORDS, LIMITS, PLAYERS, type Clearance, type Feat, type PlayerId } from '@corkscrew/core';
import { nanoid } from 'nanoid';
import styled from 'styled-components';
import { useRecords } from '../../keeping/records.ts';
import { Choice } from '../../ui/Choice.tsx';
import { Button, Toggle } from '../../ui/controls.tsx';
import { TextField } from '../../ui/TextField.tsx';
import type { RosterPlay } from './use-roster.ts';

const Box = styled.section`
  flex: 0 1 62%;
  min-height: 0;
  overflow: auto;
  padding: 12px 14px 20px;
  border-top: 3px double var(--ink);
  background: var(--raised);
  h3 {
    font-size: 15px;
    font-weight: 700;
    font-stretch: 74%;
  }
  > p {
    margin: 4px 0 10px;
    font-size: 13px;
    color: var(--ink-2);
  }
  li {
    display: grid;
    gap: 8px;
    padding: 10px 0;
    border-top: 1px solid var(--rule);
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 10px;
    align-items: center;
  }
`;
/** A continuity of five is home after ten turns at most. */
const TURNS = [
  ['', 'Any turn'],
  ...Array.from({ length: 10 }, (_, i) => [String(i + 1), `Turn ${i + 1}`] as const),
] as const;
const DUTIES = Object.keys(DUTY_WORDS) as Feat[];

/** What a man must be cleared for before he is chosen by himself: the team's own list. */
export function Clearances({ plays, onClose }: { plays: readonly RosterPlay[]; onClose: () => void }) {
  const { rows = [], change } = useRecords('clearances');
  const series = useRecords('series');
  const words = [...new Set((series.rows ?? []).map((s) => s.body.word))].sort();
  return (
    <Box aria-label="Clearances">
      <h3>Clearances</h3>
      <p>Whoever has not got one is not chosen by himself for what it names. All that it names must be so.</p>
      <ul>
        {rows.map(({ id, body }) => {
          const set = (more: Partial<Clearance['covers']>): void => {
            const covers = Object.entries({ ...body.covers, ...more }).filter(
              ([, v]) => v !== undefined && v !== '',
            );
            change(id, { ...body, covers: Object.fromEntries(covers) });
          };
          const { duties = [], number, play } = body.covers;
          const toggle = (d: Feat): void => {
            const next = duties.includes(d) ? duties.filter((x) => x !== d) : [...duties, d];
            set({ duties: next.length > 0 ? next : undefined });
          };
          return (
            <li key={id}>
              <TextField
                label="Called"
                value={body.name}
                max={LIMITS.name}
                onDone={(name) => name.trim() && change(id, { ...body, name: name.trim() })}
              />
              <div className="row" role="group" aria-label={`What ${body.name} is for`}>
                {DUTIES.map((d) => (
                  <Toggle key={d} isSelected={duties.includes(d)} onChange={() => toggle(d)}>
                    {DUTY_WORDS[d]}
                  </Toggle>
                ))}
              </div>
              <div className="row">
                <Choice
                  bare
                  label="In which series"
                  value={body.covers.series ?? ''}
                  options={[['', 'Any series'], ...words.map((w) => [w, w] as const)]}
                  onChange={(w) => set({ series: w || undefined })}
                />
                <Choice
                  bare
                  label="In which play"
                  value={play ?? ''}
                  options={[
                    ['', 'Any play'],
                    ...plays.map((p) => [p.play.id, p.play.name] as const),
                    ...(play && !plays.some((p) => p.play.id === play)
                      ? [[play, 'A play of another sheet'] as const]
                      : []),
                  ]}
                  onChange={(p) => set({ play: p || undefined })}
                />
                <Choice
                  bare
                  label="For which number"
                  value={number ?? ''}
                  options={[['', 'Any number'], ...PLAYERS.map((p) => [p, p] as const)]}
                  onChange={(n) => set({ number: (n || undefined) as PlayerId | undefined })}
                />
                <Choice
                  bare
                  label="On which turn of a play that goes round"
                  value={String(body.covers.turn ?? '')}
                  options={TURNS}
                  onChange={(n) => set({ turn: n === '' ? undefined : Number(n) })}
                />
                <Button aria-label={`Take away ${body.name}`} onPress={() => change(id, null)}>
                  Take away
                </Button>
              </div>
            </li>
          );
        })}
      </ul>
      <div className="row">
        <Button onPress={() => change(nanoid(12), { name: 'New clearance', covers: {} })}>Another one</Button>
        <Button onPress={onClose}>Close</Button>
      </div>
    </Box>
  );
}
