import { ballOf, DEFENDERS, slidesOf, type Chase } from '@corkscrew/core';
import { useEffect, useMemo, useRef } from 'react';
import styled from 'styled-components';
import { useLate } from '../../app/late.ts';
import { score } from '../../ui/score.ts';
import { timeSlider } from '../../ui/time-slider.ts';
import { BallRow, Names, Opened, SlideBlock } from './SlideMarks.tsx';
import { goBackTo } from './moves.ts';
import { HEIGHT, ROWS, RULER, stave, timeAt, xOf } from './slide-scale.ts';

const Box = styled.div`
  ${score}
  display: grid;
  grid-template-columns: 34px minmax(0, 1fr);
  .halo {
    paint-order: stroke;
    stroke: var(--sheet);
    stroke-width: 4px;
  }
`;

/** How far within the sheet its ruler begins, so that its edge can be seen; pixels. */
const INSET = 1;
/** Seconds the sheet has room for at the least. */
const SHORTEST = 6.5;

/**
 * What each man of the zone has done since the ball went round, in time: his ways, the ball, and who was open.
 * `t` is the moment looked at, `end` how far the chase has come, seconds.
 */
export function SlideSheet({ chase, t, end }: { chase: Chase | null; t: number; end: number }) {
  // The playhead goes with every frame; the score behind it follows a few times a second.
  const drawn = useLate(end, 100);
  const slides = useMemo(
    () => (chase ? slidesOf(chase.film, drawn, chase.scheme, chase.level) : []),
    [chase, drawn],
  );
  const ball = useMemo(() => (chase ? ballOf(chase.film, drawn) : []), [chase, drawn]);
  const long = Math.max(SHORTEST, end + 1.5);
  const roll = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const box = roll.current;
    if (!box) return;
    const x = xOf(t) - box.scrollLeft;
    if (x > box.clientWidth - 70 || x < 0) box.scrollLeft = xOf(t) - box.clientWidth * 0.6;
  }, [t]);
  const slider = timeSlider({
    label: 'Time in the chase',
    now: t,
    end,
    timeAt: (x) => timeAt(x + INSET),
    seek: goBackTo,
  });
  return (
    <Box>
      <Names />
      <div className="roll" ref={roll}>
        <svg width={chase ? xOf(long) : '100%'} height={HEIGHT} data-testid="slide-sheet">
          {Array.from({ length: Math.floor(long) + 1 }, (_, s) => (
            <g key={s} aria-hidden="true">
              <path d={`M${xOf(s)} ${RULER}v-5`} stroke="var(--rule-2)" />
              <text className="tick" x={xOf(s) + 3} y={RULER - 4}>
                {s}
              </text>
            </g>
          ))}
          {Array.from({ length: ROWS }, (_, row) => (
            <path key={row} d={`M0 ${stave(row)}H${xOf(long)}`} stroke="var(--rule)" />
          ))}
          {slides.map((s) => (
            <SlideBlock key={`${s.defender} ${s.from}`} slide={s} />
          ))}
          <BallRow pieces={ball} />
          {chase?.chased.map((c) => (
            <Opened key={c.released} chased={c} />
          ))}
          {chase && (
            <>
              <g className="ruler" {...slider}>
                <rect x={INSET} y={1} width={xOf(long) - 2 * INSET} height={RULER - 2} fill="transparent" />
              </g>
              <g pointerEvents="none" aria-hidden="true">
                <path d={`M${xOf(t)} ${RULER - 8}V${HEIGHT}`} stroke="var(--live)" strokeWidth={2.2} />
                <path d={`M${xOf(t) - 5} ${RULER - 10}h10l-5 8z`} fill="var(--live)" />
              </g>
            </>
          )}
        </svg>
      </div>
      <ul className="visually-hidden" aria-label="Slides">
        {slides.map((s) => (
          <li key={`${s.defender} ${s.from}`}>
            {DEFENDERS[s.defender]} {s.pace}s {s.feet.toFixed(0)} feet, {s.from.toFixed(1)} to{' '}
            {s.to.toFixed(1)} seconds
          </li>
        ))}
      </ul>
    </Box>
  );
}
