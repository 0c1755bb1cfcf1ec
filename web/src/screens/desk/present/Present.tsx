import { captionOf, endingWords, endOf, leaves, lineTo, roundOf, tell, type Frame } from '@corkscrew/core';
import { DESK, frameScene, type Scale } from '@corkscrew/diagram';
import {
  FlipHorizontal2,
  FlipVertical2,
  Pause,
  Play as PlayIcon,
  Repeat,
  Shield,
  SkipBack,
  SkipForward,
  X,
} from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { commandFor } from '../../../app/keymap.ts';
import { prefer, usePreferences } from '../../../app/preferences.ts';
import { SceneItems } from '../../../floor/SceneSvg.tsx';
import { Button } from '../../../ui/controls.tsx';
import { IconButton } from '../../../ui/IconButton.tsx';
import { toggleDefence } from '../defend/view.ts';
import { Announced, Defenders, Runner } from '../draw/Live.tsx';
import { frameEnding, goToEnding, lineView, stepFrame, useDesk, usePick } from '../store.ts';
import { playAllAnswers, seek, toggleRun, useTimeline } from '../timeline.ts';
import { useDeskTeller } from '../teller.ts';

const Page = styled.main`
  position: fixed;
  inset: 0;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 300px;
  background: var(--sheet);
  color: var(--ink);
  .floor {
    position: relative;
    padding: 14px;
    min-height: 0;
    min-width: 0;
  }
  .controls {
    position: absolute;
    left: 0;
    right: 0;
    bottom: 12px;
    display: flex;
    flex-wrap: wrap;
    justify-content: center;
    gap: 6px;
    transition: opacity 200ms;
  }
  .controls > span {
    display: flex;
    gap: 4px;
    padding: 4px;
    background: var(--desk);
    border: 1px solid var(--rule);
  }
  .controls[data-faded]:not(:focus-within) {
    opacity: 0;
  }
  .controls button {
    min-height: 44px;
    min-width: 44px;
  }
  .controls .ends button {
    font-size: 17px;
  }
  .controls button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--on-ink);
  }
  @media (prefers-reduced-motion: reduce) {
    .controls {
      transition: none;
    }
  }
  .floor > svg {
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
    position: relative;
    flex: none;
    height: 24px;
    margin: auto 8px 0;
  }
  .line::before,
  .line i {
    content: '';
    position: absolute;
    top: 11px;
    width: 100%;
    height: 2px;
    background: var(--rule-2);
  }
  .line i {
    top: 3px;
    width: 2px;
    height: 18px;
    margin-left: -1px;
    background: var(--ink);
  }
  .line b {
    position: absolute;
    top: 4px;
    width: 16px;
    height: 16px;
    margin-left: -8px;
    border-radius: 50%;
    background: var(--live);
  }
  @media (max-width: 860px) and (orientation: portrait) {
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
      font-size: clamp(17px, 2.7vw, 25px);
    }
    .line {
      margin-top: 12px;
    }
  }
  /* A phone on its side, or everything enlarged. */
  @media (max-height: 520px) and (orientation: landscape) {
    grid-template-columns: minmax(0, 1fr) 210px;
    .floor {
      padding: 4px;
    }
    aside {
      padding: 14px;
    }
    h1 {
      font-size: 24px;
    }
    h2 {
      font-size: 20px;
    }
    .signal,
    .words {
      font-size: 17px;
    }
    .no {
      font-size: 44px;
      margin: 16px 0 12px;
    }
  }
`;
/** Bigger bodies, and no floor outside the lines: for the back of a gym. */
const BIG: Scale = { ...DESK, mark: 1.2, margin: 1.2 };
/** Controls are gone this long after the last move of the hand (ms). */
const FADES = 2600;

const leave = (): void => useDesk.setState({ presenting: false, running: false, time: null });
const turnOver = (): void => prefer({ down: !usePreferences.getState().down });
const mirror = (): void => prefer({ mirrored: !usePreferences.getState().mirrored });

/** The play for a room: dark, large, driven by keys, or by controls that show when the hand moves. */
export function Present() {
  const t = useDeskTeller();
  const { play, branch, frameId, time, running } = usePick('play', 'branch', 'frameId', 'time', 'running');
  const down = usePreferences((p) => p.down);
  const mirrored = usePreferences((p) => p.mirrored);
  const scale = useMemo<Scale>(() => ({ ...BIG, turn: { down, mirrored } }), [down, mirrored]);
  const view = lineView(play, branch, frameId);
  const timeline = useTimeline();
  const walk = view.walks[view.index]!;
  const still = time === null && !running;
  const scene = useMemo(
    () => frameScene({ court: view.court, walk, next: view.walks[view.index + 1], scale, bodies: still }),
    [view, walk, still, scale],
  );
  const faded = useFading();
  useKeys();
  const at = (t: number) => ({ left: `${(100 * t) / Math.max(timeline.end, 0.1)}%` });
  const now = time ?? timeline.bars[view.index]?.start ?? 0;
  const words = walk.frame.caption?.trim() || captionOf(view.court, walk, view.walks.slice(0, view.index), t);
  const last = view.line.at(-1)!.id;
  const then = frameId === last ? endOf(play, last) : null;
  return (
    <Page className="gym" aria-label={`Presenting ${play.name}`}>
      <div className="floor">
        <svg viewBox={`0 0 ${scene.width} ${scene.height}`} role="img" aria-label={words || 'The set'}>
          <SceneItems items={scene.items} />
          <Defenders scale={scale} plain />
          {!still && <Runner scale={scale} />}
          <Announced scale={scale} />
        </svg>
        <Controls faded={faded} line={view.line} />
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
        {then && then.is !== 'shot' && (
          <p className="words">Then: {tell({ key: 'line-end', with: { end: then } }, t)}.</p>
        )}
        <div className="line" aria-hidden="true">
          {timeline.bars.map((b) => (
            <i key={b.frame} style={at(b.start)} />
          ))}
          <b style={at(now)} />
        </div>
      </aside>
    </Page>
  );
}

/** For finger and mouse: leave, frames, run, endings, how the court lies. */
function Controls({ faded, line }: { faded: boolean; line: readonly Frame[] }) {
  const t = useDeskTeller();
  const { play, running } = usePick('play', 'running');
  const ends = leaves(play);
  const go = useNavigate();
  const round = useMemo(() => roundOf(play), [play]);
  return (
    <div className="controls" data-faded={faded || undefined} role="toolbar" aria-label="Presenting">
      <span>
        <IconButton aria-label="Leave" onPress={leave}>
          <X size={26} />
        </IconButton>
        <IconButton aria-label="Previous frame" onPress={() => stepFrame(-1)}>
          <SkipBack size={26} />
        </IconButton>
        <IconButton aria-label={running ? 'Stop' : 'Run'} onPress={toggleRun}>
          {running ? <Pause size={26} /> : <PlayIcon size={26} />}
        </IconButton>
        <IconButton aria-label="Next frame" onPress={() => stepFrame(1)}>
          <SkipForward size={26} />
        </IconButton>
        <IconButton aria-label="Turn the court over" onPress={turnOver}>
          <FlipVertical2 size={26} />
        </IconButton>
        <IconButton aria-label="Mirror the court" onPress={mirror}>
          <FlipHorizontal2 size={26} />
        </IconButton>
        {(play.defences?.length ?? 0) > 0 && (
          <IconButton aria-label="Defence on or off" onPress={() => toggleDefence(play)}>
            <Shield size={26} />
          </IconButton>
        )}
        {round && (
          <IconButton aria-label="Turn after turn" onPress={() => void go(`/plays/${play.id}/turns`)}>
            <Repeat size={26} />
          </IconButton>
        )}
      </span>
      {ends.length > 1 && (
        <span role="group" aria-label="Endings" className="ends">
          {ends.map((leaf) => {
            const head = headOf(lineTo(play, leaf.id), play);
            const on = line.some((f) => f.id === head.id);
            return (
              <Button key={leaf.id} aria-pressed={on} onPress={() => goToEnding(head.id)}>
                {endingWords(head, ends.indexOf(leaf), t)}
              </Button>
            );
          })}
          <Button onPress={playAllAnswers}>All of them</Button>
        </span>
      )}
    </div>
  );
}

/** Where an ending starts: its last frame that has others beside it. */
function headOf<F extends { id: string; parent: string | null }>(
  line: readonly F[],
  play: { frames: readonly F[] },
): F {
  return line.findLast((f) => play.frames.filter((x) => x.parent === f.parent).length > 1) ?? line.at(-1)!;
}

/** Whether the hand has been still for a while. */
function useFading(): boolean {
  const [faded, setFaded] = useState(false);
  useEffect(() => {
    let timer = window.setTimeout(() => setFaded(true), FADES);
    const wake = () => {
      setFaded(false);
      clearTimeout(timer);
      timer = window.setTimeout(() => setFaded(true), FADES);
    };
    window.addEventListener('pointermove', wake);
    window.addEventListener('pointerdown', wake);
    window.addEventListener('keydown', wake);
    return () => {
      clearTimeout(timer);
      window.removeEventListener('pointermove', wake);
      window.removeEventListener('pointerdown', wake);
      window.removeEventListener('keydown', wake);
    };
  }, []);
  return faded;
}

function useKeys(): void {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const s = useDesk.getState();
      const onButton = e.target instanceof Element && e.target.closest('button') !== null;
      if (onButton && (e.key === ' ' || e.key === 'Enter')) return;
      switch (commandFor(e, ['present'])) {
        case 'leave':
          leave();
          break;
        case 'presentRun':
          toggleRun();
          break;
        case 'presentOn':
          stepFrame(1);
          break;
        case 'presentBack':
          stepFrame(-1);
          break;
        case 'presentEnding':
          frameEnding(e.key === 'ArrowDown' ? 1 : -1);
          break;
        case 'presentDefence':
          toggleDefence(s.play);
          break;
        case 'presentTurn':
          turnOver();
          break;
        case 'presentTenth':
          seek((s.time ?? 0) + (e.key === 'l' ? 0.1 : -0.1));
          break;
        default:
          return;
      }
      e.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    void document.documentElement.requestFullscreen?.().catch(() => undefined);
    return () => {
      window.removeEventListener('keydown', onKey);
      if (document.fullscreenElement) void document.exitFullscreen();
    };
  }, []);
}
