import { captionOf } from '@corkscrew/core';
import { DESK, frameScene, type Scale } from '@corkscrew/diagram';
import { useEffect, useMemo } from 'react';
import styled from 'styled-components';
import { Defenders } from '../../court/Defenders.tsx';
import { Runner } from '../../court/Runner.tsx';
import { SceneItems } from '../../ui/SceneSvg.tsx';
import { toggleDefence } from './defence/view.ts';
import { lineView, stepFrame, useDesk, usePick } from './store.ts';
import { seek, toggleRun, useTimeline } from './timeline.ts';

const Page = styled.main`
  position: fixed;
  inset: 0;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 300px;
  background: var(--sheet);
  color: var(--ink);
  .floor {
    padding: 14px;
    min-height: 0;
  }
  .floor svg {
    width: 100%;
    height: 100%;
    display: block;
  }
  aside {
    border-left: 1px solid var(--rule);
    padding: 34px 26px;
    display: flex;
    flex-direction: column;
    min-width: 0;
  }
  h1 {
    font-size: 44px;
    line-height: 0.98;
    font-weight: 740;
    font-stretch: 70%;
    overflow-wrap: anywhere;
  }
  .signal {
    font: 640 22px/1.2 'Archivo Variable';
    font-stretch: 77%;
    color: var(--ink-2);
    margin-top: 10px;
  }
  .no {
    font: 740 132px/0.8 'Archivo Variable';
    font-stretch: 66%;
    margin: 44px 0 30px;
  }
  h2 {
    font-size: 32px;
    line-height: 1.05;
    font-weight: 700;
    font-stretch: 74%;
    margin-bottom: 12px;
  }
  .words {
    font-size: 25px;
    line-height: 1.3;
    overflow: auto;
    min-height: 0;
  }
  .line {
    margin-top: auto;
    padding-top: 18px;
  }
  @media (max-width: 860px) {
    grid-template-columns: 1fr;
    grid-template-rows: 1fr auto;
    aside {
      padding: 12px 16px;
      border: 0;
    }
    h1 {
      font-size: 24px;
    }
    .no {
      display: none;
    }
    .words {
      font-size: 17px;
    }
  }
`;
/** Bigger bodies, and no floor outside the lines: for the back of a gym. */
const BIG: Scale = { ...DESK, mark: 1.2, margin: 1.2 };

/** The play for a room: dark, large, driven by keys. */
export function Present() {
  const { play, branch, frameId, time, running } = usePick('play', 'branch', 'frameId', 'time', 'running');
  const view = lineView(play, branch, frameId);
  const timeline = useTimeline();
  const walk = view.walks[view.index]!;
  const still = time === null && !running;
  const scene = useMemo(
    () =>
      frameScene({ court: view.court, walk, next: view.walks[view.index + 1], scale: BIG, bodies: still }),
    [view, walk, still],
  );
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const s = useDesk.getState();
      if (e.key === 'Escape') useDesk.setState({ presenting: false, running: false, time: null });
      else if (e.key === ' ' || e.key === 'k') toggleRun();
      else if (e.key === 'ArrowRight' || e.key === ']') stepFrame(1);
      else if (e.key === 'ArrowLeft' || e.key === '[') stepFrame(-1);
      else if (e.key === 'x') toggleDefence(s.play);
      else if (e.key === 'l') seek((s.time ?? 0) + 0.1);
      else if (e.key === 'j') seek((s.time ?? 0) - 0.1);
      else return;
      e.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    void document.documentElement.requestFullscreen?.().catch(() => undefined);
    return () => {
      window.removeEventListener('keydown', onKey);
      if (document.fullscreenElement) void document.exitFullscreen();
    };
  }, []);
  const at = (t: number) => `${4 + (t / Math.max(timeline.end, 0.1)) * 240}`;
  const now = time ?? timeline.bars[view.index]?.start ?? 0;
  const words = walk.frame.caption?.trim() || captionOf(view.court, walk, view.walks.slice(0, view.index));
  return (
    <Page className="gym" aria-label={`Presenting ${play.name}`}>
      <div className="floor">
        <svg viewBox={`0 0 ${scene.width} ${scene.height}`} role="img" aria-label={words || 'The set'}>
          <SceneItems items={scene.items} />
          <Defenders scale={BIG} plain />
          {!still && <Runner scale={BIG} />}
        </svg>
      </div>
      <aside>
        <h1 dir="auto">{play.name}</h1>
        {play.call?.signal && <p className="signal">{play.call.signal}</p>}
        <p className="no">{view.index + 1}</p>
        {walk.frame.title && <h2>{walk.frame.title}</h2>}
        <p className="words" aria-live="polite">
          {words.split('; ').map((w, i) => (
            <span key={i} style={{ display: 'block' }}>
              {w}.
            </span>
          ))}
        </p>
        <svg className="line" viewBox="0 0 248 24" aria-hidden="true">
          <path d="M4 12H244" stroke="var(--rule-2)" strokeWidth="2" />
          {timeline.bars.map((b) => (
            <path key={b.frame} d={`M${at(b.start)} 3V21`} stroke="var(--ink)" strokeWidth="2" />
          ))}
          <circle cx={at(now)} cy="12" r="7" fill="var(--live)" />
        </svg>
      </aside>
    </Page>
  );
}
