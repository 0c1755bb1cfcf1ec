import { ballAt, type Court, type Timeline } from '@corkscrew/core';
import { DESK, sceneAt, type Scale } from '@corkscrew/diagram';
import { Pause, Play as PlayIcon, RotateCcw, X } from 'lucide-react';
import { useEffect, useEffectEvent, useRef, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { SceneItems } from '../floor/SceneSvg.tsx';
import { IconButton } from './IconButton.tsx';

const Page = styled.main`
  position: fixed;
  inset: 0;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto;
  background: var(--sheet);
  color: var(--ink);
  header {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 4px 22px;
    padding: 16px 22px 0;
  }
  h1 {
    font-size: 34px;
    line-height: 1;
    font-weight: 740;
    font-stretch: 70%;
  }
  header p {
    font: 640 20px/1.2 'Archivo Variable';
    font-stretch: 77%;
    color: var(--ink-2);
  }
  svg {
    width: 100%;
    height: 100%;
    display: block;
  }
  .foot {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: center;
    padding: 0 22px 16px;
  }
  .foot button {
    min-height: 44px;
    min-width: 44px;
  }
  .foot input[type='range'] {
    flex: 1;
    min-width: 200px;
    accent-color: var(--live);
  }
  .foot button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--on-ink);
  }
  select {
    min-height: 44px;
    background: var(--raised);
    color: var(--ink);
    font-size: 16px;
  }
`;
const BIG: Scale = { ...DESK, mark: 1.2, margin: 1.2 };

interface WatchProps {
  readonly title: string;
  /** What is said of the moment (s) that is on. */
  readonly words: (t: number) => ReactNode;
  readonly court: Court;
  readonly timeline: Timeline;
  readonly children?: ReactNode;
  readonly onLeave: () => void;
}

/** A line run over the whole screen, dark and large: for a bench, and for what is on no desk. Another line starts anew. */
export function Watch({ title, words, court, timeline, children, onLeave }: WatchProps) {
  const [t, setT] = useState(0);
  const [running, setRunning] = useState(false);
  const [of, setOf] = useState(timeline);
  if (of !== timeline) {
    setOf(timeline);
    setT(0);
  }
  const last = useRef(0);
  useEffect(() => {
    if (!running) return undefined;
    last.current = performance.now();
    let frame = requestAnimationFrame(function step(now) {
      const by = (now - last.current) / 1000;
      last.current = now;
      setT((old) => {
        if (old + by >= timeline.end) setRunning(false);
        return Math.min(timeline.end, old + by);
      });
      frame = requestAnimationFrame(step);
    });
    return () => cancelAnimationFrame(frame);
  }, [running, timeline]);
  const toggle = (): void => {
    if (!running && t >= timeline.end) setT(0);
    setRunning(!running);
  };
  const onKey = useEffectEvent((e: KeyboardEvent): void => {
    if (e.key === 'Escape') onLeave();
    else if (e.target instanceof Element && e.target.closest('button, input, select')) return;
    else if (e.key === ' ' || e.key === 'k') toggle();
    else return;
    e.preventDefault();
  });
  useEffect(() => {
    const listen = (e: KeyboardEvent): void => onKey(e);
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
  const scene = sceneAt({ court, timeline }, t, { floor: true, men: true }, BIG);
  const { holder } = ballAt(timeline, t);
  return (
    <Page className="gym" aria-label={`Watching ${title}`}>
      <header>
        <h1 dir="auto">{title}</h1>
        <p aria-live="polite">{words(t)}</p>
        <p>{t.toFixed(1)} s</p>
      </header>
      <svg
        viewBox={`0 0 ${scene.width} ${scene.height}`}
        role="img"
        aria-label={holder ? `${holder} has the ball` : 'The ball is in the air'}
      >
        <SceneItems items={scene.items} />
      </svg>
      <div className="foot">
        <IconButton aria-label="Leave" onPress={onLeave}>
          <X size={26} />
        </IconButton>
        <IconButton aria-label={running ? 'Stop' : 'Run'} onPress={toggle}>
          {running ? <Pause size={26} /> : <PlayIcon size={26} />}
        </IconButton>
        <IconButton aria-label="From the start" onPress={() => setT(0)}>
          <RotateCcw size={24} />
        </IconButton>
        <input
          type="range"
          aria-label="Time"
          min={0}
          max={timeline.end}
          step={0.1}
          value={t}
          onChange={(e) => setT(Number(e.target.value))}
        />
        {children}
      </div>
    </Page>
  );
}
