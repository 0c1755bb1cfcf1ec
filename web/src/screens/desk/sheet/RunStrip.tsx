import { holderOf } from '@corkscrew/core';
import {
  ChevronDown,
  ChevronUp,
  Pause,
  Play as PlayIcon,
  Repeat,
  SkipBack,
  SkipForward,
  ZoomIn,
  ZoomOut,
} from 'lucide-react';
import { memo, useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { ON_ITS_SIDE, usePhone } from '../../../app/size.ts';
import { Choice, type Options } from '../../../ui/Choice.tsx';
import { Button, MainButton, Toggle } from '../../../ui/controls.tsx';
import { IconButton } from '../../../ui/IconButton.tsx';
import { timeSlider } from '../../../ui/time-slider.ts';
import { Legend } from './Legend.tsx';
import { BeatSheet } from './BeatSheet.tsx';
import { clampZoom } from './scale.ts';
import { lineView, stepFrame, useDesk, usePick } from '../store.ts';
import { seek, toggleRun, useNow, useTimeline } from '../timeline.ts';

const Box = styled.section`
  border-top: 1px solid var(--rule-2);
  background: var(--sheet);
  padding: 0 12px 6px 16px;
  h2 {
    font-size: 16px;
    font-weight: 700;
    font-stretch: 74%;
    margin-right: 6px;
    white-space: nowrap;
  }
  .head {
    display: flex;
    align-items: center;
    gap: 8px;
    height: 42px;
  }
  .clock {
    font: 700 14px/1 'Archivo Variable';
    color: var(--live-t);
    min-width: 96px;
    white-space: nowrap;
    text-align: right;
    margin-left: auto;
  }
  > svg {
    display: block;
    width: 100%;
    height: 58px;
    touch-action: none;
    cursor: ew-resize;
  }
  > svg text {
    font: 640 12px 'Archivo Variable';
    font-stretch: 77%;
    fill: var(--ink-3);
  }
  @media (max-width: 600px), ${ON_ITS_SIDE} {
    .wide {
      display: none;
    }
    .clock {
      min-width: 0;
    }
  }
  @media ${ON_ITS_SIDE} {
    .head {
      flex-wrap: wrap;
      height: auto;
      padding: 4px 0;
    }
  }
`;
const PAD = 14;
const SPEEDS: Options<string> = [
  ['0.5', '½×'],
  ['1', '1×'],
  ['2', '2×'],
];

/** Runs the play, over its beat sheet; on a phone, or folded, over a thin strip of its frames and the ball. */
export function RunStrip() {
  const sheet = useDesk((s) => s.sheet);
  const phone = usePhone();
  const [zoom, setZoom] = useState<number | null>(null);
  const open = sheet && !phone;
  return (
    <Box aria-label="Run the play" id="run">
      <Controls open={open} onZoom={setZoom} />
      {open ? <BeatSheet zoom={zoom} onZoom={setZoom} /> : <Slim />}
    </Box>
  );
}

interface ControlsProps {
  open: boolean;
  onZoom: (zoom: (z: number | null) => number) => void;
}

/** What runs the play and rolls the sheet; an edit draws none of it again. */
const Controls = memo(function Controls({ open, onZoom }: ControlsProps) {
  const { running, speed, loop } = usePick('running', 'speed', 'loop');
  const timed = useDesk((s) => s.time !== null);
  const empty = useDesk((s) =>
    lineView(s.play, s.branch, s.frameId).line.every((f) => f.actions.length === 0),
  );
  return (
    <div className="head">
      <h2 className="wide">{open ? 'Beat sheet' : 'Run'}</h2>
      <IconButton aria-label="Previous frame" onPress={() => stepFrame(-1)}>
        <SkipBack size={16} />
      </IconButton>
      <MainButton onPress={toggleRun} isDisabled={empty} data-testid="run">
        {running ? <Pause size={15} /> : <PlayIcon size={15} />} {running ? 'Stop' : 'Run'}
      </MainButton>
      <IconButton aria-label="Next frame" onPress={() => stepFrame(1)}>
        <SkipForward size={16} />
      </IconButton>
      <Choice
        bare
        label="Speed"
        value={String(speed)}
        options={SPEEDS}
        onChange={(v) => useDesk.setState({ speed: Number(v) })}
      />
      <Toggle isSelected={loop} onChange={(v) => useDesk.setState({ loop: v })} className="wide">
        <Repeat size={14} aria-label="Loop" />
      </Toggle>
      {timed && !running && (
        <Button onPress={() => useDesk.setState({ time: null })} className="wide">
          Draw
        </Button>
      )}
      <Clock />
      {open && (
        <>
          <Legend />
          <IconButton aria-label="Shorter seconds" onPress={() => onZoom((z) => clampZoom((z ?? 90) / 1.4))}>
            <ZoomOut size={16} />
          </IconButton>
          <IconButton aria-label="Longer seconds" onPress={() => onZoom((z) => clampZoom((z ?? 90) * 1.4))}>
            <ZoomIn size={16} />
          </IconButton>
        </>
      )}
      <IconButton
        className="wide"
        aria-label={open ? 'Fold the beat sheet' : 'Unfold the beat sheet'}
        aria-expanded={open}
        onPress={() => useDesk.setState({ sheet: !open })}
      >
        {open ? <ChevronDown size={16} /> : <ChevronUp size={16} />}
      </IconButton>
    </div>
  );
});

/** The running clock, the only words that change sixty times a second. */
function Clock() {
  const now = useNow();
  const { end } = useTimeline();
  return (
    <span className="clock">
      {now.toFixed(1)} of {end.toFixed(1)} s
    </span>
  );
}

/** Frames as bars over seconds, the ball's thread under them, and the playhead. */
function Slim() {
  const now = useNow();
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const timeline = useTimeline();
  const { walks, line } = lineView(play, branch, frameId);
  const svg = useRef<SVGSVGElement>(null);
  const end = Math.max(timeline.end, 1);
  const [width, setWidth] = useState(676);
  useEffect(() => {
    const seen = new ResizeObserver(([e]) => e && e.contentRect.width > 0 && setWidth(e.contentRect.width));
    if (svg.current) seen.observe(svg.current);
    return () => seen.disconnect();
  }, []);
  const x = (t: number) => PAD + (t / end) * (width - 2 * PAD);
  const timeAt = (px: number): number => (px - PAD) * (end / (width - 2 * PAD));
  const every = end > 12 ? 2 : 1;
  return (
    <>
      <svg
        ref={svg}
        viewBox={`0 0 ${width} 58`}
        {...timeSlider({ label: 'Time in the play', now, end: timeline.end, timeAt, seek })}
      >
        <line x1={PAD} x2={width - PAD} y1={24} y2={24} stroke="var(--rule-2)" />
        {Array.from({ length: Math.floor(end / every) + 1 }, (_, i) => i * every).map((t) => (
          <g key={t}>
            <line x1={x(t)} x2={x(t)} y1={24} y2={19} stroke="var(--rule-2)" />
          </g>
        ))}
        {timeline.bars.map((b, i) => (
          <g key={b.frame}>
            <line
              x1={x(b.start)}
              x2={x(b.start)}
              y1={4}
              y2={52}
              stroke="var(--rule-2)"
              strokeDasharray={i === 0 ? undefined : '2 2'}
            />
            {(x(b.end) - x(b.start) > 17 || b.frame === frameId) && (
              <>
                <rect
                  x={x(b.start)}
                  y={2}
                  width={16}
                  height={16}
                  fill={b.frame === frameId ? 'var(--ink)' : 'var(--raised)'}
                  stroke="var(--ink)"
                />
                <text
                  x={x(b.start) + 8}
                  y={14.4}
                  textAnchor="middle"
                  style={{ fill: b.frame === frameId ? 'var(--on-ink)' : 'var(--ink)' }}
                >
                  {i + 1}
                </text>
              </>
            )}
          </g>
        ))}
        <BallThread x={x} />
        <line x1={x(now)} x2={x(now)} y1={20} y2={56} stroke="var(--live)" strokeWidth={2.2} />
        <circle cx={x(now)} cy={44} r={6} fill="var(--live)" stroke="var(--sheet)" strokeWidth={1.5} />
      </svg>
      <p className="visually-hidden" role="status">
        {line.length} frames,{' '}
        {holderOf(walks.at(-1)!.after)
          ? `${holderOf(walks.at(-1)!.after)} has the ball at the end`
          : 'ends with a shot'}
      </p>
    </>
  );
}

/** The ball in time: flat while held, a wave while dribbled, a dashed step when it flies; the holder's number above it. */
function BallThread({ x }: { x: (t: number) => number }) {
  const timeline = useTimeline();
  const y = 44;
  return timeline.possessions.map((p, i) => {
    const to = timeline.possessions[i + 1]?.from ?? timeline.end;
    const [a, b] = [x(p.from), x(to)];
    if (b - a < 0.5) return null;
    const waves = Math.max(1, Math.round((b - a) / 8));
    const w = (b - a) / waves;
    const d = p.dribbling
      ? `M${a} ${y}${Array.from({ length: waves }, () => `q${w / 4} -7 ${w / 2} 0t${w / 2} 0`).join('')}`
      : `M${a} ${y}H${b}`;
    return (
      <g key={i}>
        <path
          d={d}
          fill="none"
          stroke="var(--live)"
          strokeWidth={2}
          strokeDasharray={p.holder === null ? '5 4' : undefined}
        />
        {p.holder && b - a > 14 && timeline.possessions[i - 1]?.holder !== p.holder && (
          <text x={a + 2} y={y - 8} style={{ fill: 'var(--ink)' }}>
            {p.holder}
          </text>
        )}
      </g>
    );
  });
}
