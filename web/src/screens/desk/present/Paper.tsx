import { frameById, lookWords, pointSaid, readOf, readWords, STATE_WORDS, tell } from '@corkscrew/core';
import { DESK, frameScene } from '@corkscrew/diagram';
import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';
import styled from 'styled-components';
import { SceneItems } from '../../../floor/SceneSvg.tsx';
import { useTeller } from '../../../team/teller.ts';
import { AllLooks } from '../answers/AllLooks.tsx';
import { GridTable } from '../answers/GridTable.tsx';
import { useJudged } from '../answers/judge.ts';
import { useLooks } from '../answers/Looks.tsx';
import { Mark } from '../../../ui/Mark.tsx';
import { useDefence } from '../defend/view.ts';
import { lineView, usePick } from '../store.ts';

const Sheet = styled.article`
  display: none;
  @media print {
    display: block;
    padding: 0;
    background: #fff;
    color: #000;
    --ink: #000;
    --ink-2: #222;
    --ink-3: #333;
    --pen: #000;
    --gap: #000;
    --live: #333;
    --def: #333;
    --rule: #8d8d8d;
    --rule-2: #8d8d8d;
    --court: #8d8d8d;
    --paint: #f2f2f2;
    --sheet: #fff;
    --raised: #fff;
  }
  header {
    border-bottom: 3px double #000;
    padding-bottom: 6px;
    margin-bottom: 12px;
  }
  h1 {
    font-size: 26px;
    font-weight: 740;
    font-stretch: 70%;
  }
  h2 {
    font-size: 16px;
    margin: 12px 0 4px;
  }
  svg.court {
    display: block;
    width: 100%;
    max-height: 105mm;
  }
  ol {
    padding-left: 22px;
    list-style: decimal;
  }
  tr {
    break-inside: avoid;
  }
  .key {
    display: inline-flex;
    align-items: center;
    gap: 5px;
    margin-right: 14px;
  }
`;

/** The play on paper, by the browser: the frame with its looks, and what the play has against what they may do. */
export function Paper() {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    const on = () => flushSync(() => setPrinting(true));
    const off = () => setPrinting(false);
    window.addEventListener('beforeprint', on);
    window.addEventListener('afterprint', off);
    return () => {
      window.removeEventListener('beforeprint', on);
      window.removeEventListener('afterprint', off);
    };
  }, []);
  return printing ? <Printed /> : null;
}

function Printed() {
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const { court, walks, index } = lineView(play, branch, frameId);
  const looks = useLooks();
  const grid = useJudged(play.id);
  const defence = useDefence(play);
  const t = useTeller(play);
  const { width, height, items } = frameScene({ court, walk: walks[index]!, next: walks[index + 1] });
  const holes = grid.flatMap(({ point, cells }) =>
    cells.filter((c) => c.state === 'hole').map((c) => ({ point, does: c.reaction })),
  );
  return (
    <Sheet data-paper>
      <header>
        <h1>{play.name}</h1>
        <p>
          {[play.call?.word && `“${play.call.word}”`, play.call?.signal, defence && `against ${defence.name}`]
            .filter(Boolean)
            .join(' · ')}
        </p>
      </header>
      <svg className="court" viewBox={`0 0 ${width} ${height}`} role="img" aria-label={`Frame ${index + 1}`}>
        <SceneItems items={items} />
        <AllLooks scale={DESK} />
      </svg>
      {looks.length > 0 && (
        <>
          <h2>
            Looks, frame {index + 1}
            {frameById(play, frameId)?.title ? `: ${frameById(play, frameId)!.title}` : ''}
          </h2>
          <ol>
            {looks.map(({ look }) => (
              <li key={look.id}>{lookWords(look, t)}</li>
            ))}
          </ol>
        </>
      )}
      {defence && grid.length > 0 && (
        <>
          <h2>What it has against {defence.name}</h2>
          <GridTable rows={grid} defence={defence} chosen={null} onChoose={() => undefined} />
          <p>
            {(['answered', 'contested', 'hole', 'cant'] as const).map((s) => (
              <span key={s} className="key">
                <Mark state={s} size={12} /> {STATE_WORDS[s]}
              </span>
            ))}
          </p>
          {holes.length > 0 && <h2>Open holes</h2>}
          {holes.map(({ point, does }) => (
            <p key={`${point.id} ${does}`}>
              {readWords(readOf(defence, point, does), t)} ({tell(pointSaid(point), t)})
            </p>
          ))}
        </>
      )}
    </Sheet>
  );
}
