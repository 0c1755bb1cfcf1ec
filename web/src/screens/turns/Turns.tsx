import {
  ballAt,
  compile,
  courtFor,
  lineTo,
  readPlay,
  roundOf,
  turnsHome,
  turnsOf,
  type Play,
  type Round,
} from '@corkscrew/core';
import { DESK, sceneAt, type Scale } from '@corkscrew/diagram';
import { useQuery } from '@tanstack/react-query';
import { Pause, Play as PlayIcon, RotateCcw, X } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { api } from '../../app/api.ts';
import { SceneItems } from '../../floor/SceneSvg.tsx';
import { IconButton } from '../../ui/IconButton.tsx';
import { Message } from '../../ui/Message.tsx';

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
  select {
    min-height: 44px;
    background: var(--raised);
    color: var(--ink);
    font-size: 16px;
  }
`;
const BIG: Scale = { ...DESK, mark: 1.2, margin: 1.2 };
/** More turns than this nobody watches. */
const MOST = 12;

/** A play that goes round, run as often as is asked. */
export default function Turns() {
  const { id = '' } = useParams();
  const { data, error } = useQuery({
    queryKey: ['other', id],
    queryFn: async () => {
      const read = readPlay((await api.play(id)).document);
      return read.ok ? read.play : null;
    },
    retry: false,
  });
  if (error) return <Message title="This play could not be opened">{error.message}</Message>;
  if (data === undefined) return null;
  const round = data && roundOf(data);
  if (!data || !round)
    return (
      <Message title="It does not go round">
        The end of this play is not its start: there is nothing to run again.
      </Message>
    );
  return <Running play={data} round={round} />;
}

function Running({ play, round }: { play: Play; round: Round }) {
  const go = useNavigate();
  const [turns, setTurns] = useState(() => turnsHome(round));
  const [t, setT] = useState(0);
  const [running, setRunning] = useState(false);
  const { all, timeline, court, starts } = useMemo(() => {
    const made = turnsOf(play, round, turns);
    const floor = courtFor(made);
    const compiled = compile(made, made.frames.at(-1)!.id, floor, made.level).timeline;
    const frames = lineTo(play, round.leaf).length;
    return {
      ...{ all: made, timeline: compiled, court: floor },
      starts: compiled.bars.filter((_, i) => i % frames === 0).map((b) => b.start),
    };
  }, [play, round, turns]);
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
  const leave = (): void => void go(-1);
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.target instanceof Element && e.target.closest('button, input, select')) return;
      if (e.key === 'Escape') leave();
      else if (e.key === ' ' || e.key === 'k') toggle();
      else return;
      e.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
  const turn = starts.filter((s) => s <= t + 1e-6).length;
  const scene = sceneAt({ court, timeline }, t, { floor: true, men: true }, BIG);
  const { holder } = ballAt(timeline, t);
  return (
    <Page className="gym" aria-label={`${all.name}, turn by turn`}>
      <header>
        <h1 dir="auto">{play.name}</h1>
        <p aria-live="polite">
          Turn {turn} of {turns}
        </p>
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
        <IconButton aria-label="Leave" onPress={leave}>
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
        <label>
          Turns{' '}
          <select
            aria-label="Turns"
            value={turns}
            onChange={(e) => (setTurns(Number(e.target.value)), setT(0))}
          >
            {Array.from({ length: MOST }, (_, i) => (
              <option key={i} value={i + 1}>
                {i + 1}
              </option>
            ))}
          </select>
        </label>
      </div>
    </Page>
  );
}
