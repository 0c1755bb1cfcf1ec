import { contentOf, dutySaid, leavesSaid, tell, type Evening } from '@corkscrew/core';
import { useState } from 'react';
import styled from 'styled-components';
import { useUnits } from '../../../app/units.ts';
import { lineInTime } from '../../../questions/lines.ts';
import { menKey } from '../../../questions/men.ts';
import { useAnswer } from '../../../questions/use-answer.ts';
import { useManWord, useTeaching } from '../../../team/team.ts';
import { useTeller } from '../../../team/teller.ts';
import { EveningStave } from './EveningStave.tsx';
import { usePlayed } from '../defend/view.ts';
import { lineView, usePick } from '../store.ts';
import { seek } from '../timeline.ts';

const Box = styled.section`
  margin-top: 16px;
  .men {
    display: grid;
    grid-template-columns: repeat(5, 1fr);
    margin: 6px 0;
  }
  .men button {
    min-height: 32px;
    border: 1px solid var(--rule-2);
    background: var(--raised);
    color: var(--ink);
    font: 640 13px/1.1 'Archivo Variable';
    font-stretch: 77%;
    cursor: default;
  }
  .men button + button {
    border-left: 0;
  }
  .men button[aria-pressed='true'] {
    background: var(--def);
    color: var(--sheet);
  }
  .men button:focus-visible,
  li button:focus-visible {
    outline: 2px solid var(--pen);
    outline-offset: -2px;
  }
  li {
    border-top: 1px solid var(--rule);
  }
  li button {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 8px;
    width: 100%;
    min-height: 32px;
    align-items: center;
    border: 0;
    background: none;
    text-align: left;
    font: 400 13px/1.36 'Atkinson Hyperlegible Next Variable';
    font-stretch: 100%;
    color: var(--ink);
    cursor: default;
  }
  li span {
    color: var(--pen);
    font: 640 12.5px/1.4 'Archivo Variable';
    font-stretch: 77%;
  }
  p {
    color: var(--ink-2);
  }
  @media (pointer: coarse) {
    .men button,
    li button {
      min-height: 44px;
    }
  }
`;

/** What the line on the desk asks of one defender, in order, and what he leaves when he helps. */
export function EveningList() {
  const { play, branch, frameId, fives } = usePick('play', 'branch', 'frameId', 'fives');
  const { court, line } = lineView(play, branch, frameId);
  const units = useUnits(court);
  const man = useManWord();
  const t = useTeller(play);
  const { own: teaching } = useTeaching();
  const [chosen, setChosen] = useState<number | null>(null);
  const leaf = line.at(-1)!.id;
  const { defence, trial } = usePlayed(play, leaf);
  const asIs = trial !== null;
  const inTime = lineInTime(play, leaf, fives);
  const key = [inTime.content, contentOf(defence), menKey({ teaching, fives }), asIs].join(' ');
  const { answer: known, fresh } = useAnswer(
    'evening',
    defence && { play, leaf, ...inTime, units, man, teaching, fives, defence, asIs, soon: false },
    { key, priority: 'later' },
  );
  if (!defence || !known) return null;
  const jobs = (e: Evening): number => e.duties.length;
  const longest = known.evenings.reduce((a, b) => (jobs(b) > jobs(a) ? b : a));
  const shown = known.evenings[chosen ?? longest.defender]!;
  const helps = known.leaving.filter((l) => l.defender === shown.defender);
  const count = jobs(longest);
  return (
    <Box aria-label="One defender's evening" aria-busy={!fresh}>
      <h3>One defender’s evening</h3>
      <p>
        {t.theirs(longest.defender)} has the longest list: {count === 1 ? 'one job' : `${count} jobs`},{' '}
        {t.about(longest.feet)} to run.
      </p>
      <div className="men" role="group" aria-label="Whose evening">
        {known.evenings.map((e) => (
          <button
            key={e.defender}
            type="button"
            aria-pressed={e === shown}
            onClick={() => setChosen(e.defender)}
          >
            {t.theirs(e.defender)} · {jobs(e)}
          </button>
        ))}
      </div>
      {shown.duties.length > 0 && <EveningStave evening={shown} end={inTime.compiled.timeline.end} />}
      <ol aria-label={`What ${t.theirs(shown.defender)} has to do`}>
        {shown.duties.map((duty, i) => (
          <li key={i}>
            <button type="button" onClick={() => seek(duty.from)}>
              {i + 1}. {tell(dutySaid(shown.defender, duty), t)}
              <span>{t.clock(duty.from)}</span>
            </button>
          </li>
        ))}
        {helps.map((l, i) => (
          <li key={`leaves ${i}`}>
            <button type="button" onClick={() => seek(l.t)}>
              {tell(leavesSaid(l), t)}
              <span>{t.clock(l.t)}</span>
            </button>
          </li>
        ))}
      </ol>
      {shown.duties.length === 0 && <p>Nothing but his own man, and {t.about(shown.feet)} to run.</p>}
    </Box>
  );
}
