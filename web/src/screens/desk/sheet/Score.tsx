import type { Beat, BeatBlock, BeatThread } from '@corkscrew/core';
import { TEMPO_TEXTURES } from '@corkscrew/diagram';
import { memo } from 'react';
import { BLOCK, blockBox, fitLabel, RULER, STAVE, top, wayTag, xOf } from './scale.ts';

const stave = (row: number): number => top(row) + STAVE;

interface ScoreProps {
  readonly beat: Beat;
  readonly zoom: number;
  readonly width: number;
  readonly frame: string;
}

/** Everything that does not move under the hand: ruler, staves, bars, the ball's thread, ties and misses. */
export const Score = memo(function Score({ beat, zoom, width, frame }: ScoreProps) {
  const x = (t: number) => xOf(zoom, t);
  const every = zoom < 45 ? 2 : 1;
  const seconds = Array.from({ length: Math.floor(beat.end / every) + 1 }, (_, i) => i * every);
  return (
    <g aria-hidden="true">
      {seconds.map((s) => (
        <g key={s}>
          <path d={`M${x(s)} ${RULER}v-6`} stroke="var(--rule-2)" />
          <text className="tick" x={x(s) + 4} y={RULER - 3}>
            {s}
          </text>
        </g>
      ))}
      {Array.from({ length: 6 }, (_, row) => (
        <path key={row} d={`M0 ${stave(row)}H${width}`} stroke="var(--rule)" />
      ))}
      {beat.bars.map((b, i) => (
        <g key={b.frame}>
          <path d={`M${x(b.start)} 4V${top(6)}`} stroke="var(--rule-2)" />
          <rect
            x={x(b.start)}
            y={2}
            width={i < 9 ? 16 : 21}
            height={16}
            fill={b.frame === frame ? 'var(--ink)' : 'var(--raised)'}
            stroke="var(--ink)"
          />
          <text
            x={x(b.start) + (i < 9 ? 8 : 10.5)}
            y={14.4}
            textAnchor="middle"
            className="no"
            style={{ fill: b.frame === frame ? 'var(--on-ink)' : 'var(--ink)' }}
          >
            {i + 1}
          </text>
        </g>
      ))}
      <path
        d={`M${x(beat.end)} 4V${top(6)}M${x(beat.end) + 4} 4V${top(6)}`}
        stroke="var(--ink)"
        strokeWidth={2}
      />
      {beat.thread.map((t, i) => (
        <Thread key={i} piece={t} zoom={zoom} />
      ))}
      {beat.ties.map((t, i) => {
        const [ax, ay, bx, by] = [x(t.from.t), top(t.from.row) + 9, x(t.to.t), top(t.to.row) + 9];
        return (
          <g key={i}>
            <path
              d={`M${ax} ${ay}C${ax + 9} ${(ay + by) / 2} ${bx - 9} ${(ay + by) / 2} ${bx} ${by}`}
              fill="none"
              stroke={t.by === 'coach' ? 'var(--ink)' : 'var(--rule-2)'}
              strokeWidth={t.by === 'coach' ? 1.8 : 1.4}
              strokeDasharray={t.by === 'coach' ? undefined : '3 2.5'}
            />
            <circle cx={ax} cy={ay} r={2.4} fill={t.by === 'coach' ? 'var(--ink)' : 'var(--rule-2)'} />
          </g>
        );
      })}
      {beat.ball.map((h) => (
        <text key={h.from} className="tick" x={x(h.from) + 3} y={top(5) + 15}>
          {fitLabel(`${h.player} · ${(h.to - h.from).toFixed(1)} s`, (h.to - h.from) * zoom - 4) ||
            fitLabel(h.player, (h.to - h.from) * zoom + 8)}
        </text>
      ))}
    </g>
  );
});

/** Two who miss each other, over the blocks: the tie leans by the seconds between them. */
export const Misses = memo(function Misses({ beat, zoom }: { beat: Beat; zoom: number }) {
  const x = (t: number) => xOf(zoom, t);
  return (
    <g aria-hidden="true" pointerEvents="none">
      {beat.misses.map((m, i) => {
        const [ax, ay, bx, by] = [x(m.from.t), top(m.from.row) + 10, x(m.to.t), top(m.to.row) + 9];
        return (
          <g key={i}>
            <path d={`M${ax} ${ay}L${bx} ${by}`} stroke="var(--gap)" strokeWidth={2.6} />
            <circle cx={ax} cy={ay} r={3.4} fill="var(--gap)" />
            <circle cx={bx} cy={by} r={3.4} fill="var(--gap)" />
            <text className="late" x={(ax + bx) / 2 + 6} y={(ay + by) / 2 + 4}>
              {m.late.toFixed(1)} s
            </text>
          </g>
        );
      })}
    </g>
  );
});

/** The ball in time, in the court's own signs: flat while held, a wave while dribbled, dashes while it flies. */
function Thread({ piece, zoom }: { piece: BeatThread; zoom: number }) {
  const [a, b] = [xOf(zoom, piece.from.t), xOf(zoom, piece.to.t)];
  const [y, z] = [stave(piece.from.row), stave(piece.to.row)];
  const line = { fill: 'none', stroke: 'var(--live)', strokeWidth: 2.1 } as const;
  switch (piece.is) {
    case 'held':
      return <path d={`M${a} ${y}H${b}`} {...line} />;
    case 'dribbled': {
      const n = Math.max(1, Math.round((b - a) / 9));
      const w = (b - a) / n;
      return (
        <path
          d={`M${a} ${y}${Array.from({ length: n }, () => `q${w / 4} -6 ${w / 2} 0t${w / 2} 0`).join('')}`}
          {...line}
        />
      );
    }
    case 'pass':
      return <path d={`M${a} ${y}L${b} ${z}`} {...line} strokeDasharray="6 4" />;
    case 'handoff': {
      const m = (y + z) / 2;
      return <path d={`M${a} ${y}V${z}M${a - 5} ${m - 1}l10 -4M${a - 5} ${m + 4}l10 -4`} {...line} />;
    }
    case 'shot':
      return (
        <>
          <path d={`M${a} ${y}H${b - 5}`} {...line} strokeDasharray="0.1 5" strokeLinecap="round" />
          <circle cx={b} cy={y} r={4.5} {...line} />
        </>
      );
  }
}

interface BlockProps {
  readonly block: BeatBlock;
  readonly zoom: number;
  /** How far its label may reach, pixels. */
  readonly room: number;
  /** Space behind it to the next block, pixels. */
  readonly free: number;
  readonly chosen: boolean;
  /** New in an answer that is looked at. */
  readonly pen: boolean;
  readonly tying: boolean;
  /** Where the hand holds it: shifted by seconds, or ending elsewhere. */
  readonly shift: number;
  readonly stretch: number;
  /** How the defence plays his screen, in a word; `own` when only this one. */
  readonly way: string | undefined;
  readonly own: boolean;
}

/** What one man does: its length is its time, its texture is its tempo. */
export const Block = memo(function Block({
  block,
  zoom,
  room,
  free,
  chosen,
  pen,
  tying,
  shift,
  stretch,
  way,
  own,
}: BlockProps) {
  const { x, y, width: w } = blockBox(block, zoom, shift, stretch);
  const before = block.instant ? w + 3 : 4;
  const tag = way && wayTag(way, block.label, block.instant ? w : room, free);
  return (
    <>
      <rect
        className="body"
        x={x}
        y={y}
        width={w}
        height={BLOCK}
        rx={block.instant ? 4.5 : 0}
        fill={pen ? 'var(--pen-w)' : block.background ? 'none' : 'var(--raised)'}
        stroke={chosen || pen || tying ? 'var(--pen)' : block.instant ? 'var(--live)' : 'var(--ink)'}
        strokeWidth={chosen || pen ? 2 : block.critical ? 1.5 : 1}
        strokeDasharray={tying ? '3 2' : block.background ? '2 2' : undefined}
      />
      {block.paces.map((pace, i) => {
        const begin = i === 0 ? block.from : block.paces[i - 1]!.to;
        const last = i === block.paces.length - 1;
        const from = x + (begin - block.from) * zoom;
        const to = last ? x + w : x + (pace.to - block.from) * zoom;
        const { dash, cap } = TEMPO_TEXTURES[pace.tempo];
        return (
          <path
            key={i}
            d={`M${from + 1.5} ${y + BLOCK - 2.6}h${Math.max(0, to - from - 3)}`}
            stroke="var(--ink)"
            strokeWidth={3.2}
            strokeDasharray={dash}
            strokeLinecap={cap ?? 'butt'}
          />
        );
      })}
      <text className="label" x={x + before} y={y + 10.4} aria-hidden="true">
        {fitLabel(block.label, room - before - 1 - (tag && tag.within ? tag.width + 4 : 0))}
      </text>
      {tag && (
        <g className="way" data-way={block.id} aria-hidden="true">
          <rect
            x={x + tag.x}
            y={y + 1.5}
            width={tag.width}
            height={BLOCK - 6}
            fill={own ? 'var(--def)' : 'var(--sheet)'}
            stroke="var(--def)"
          />
          <text
            x={x + tag.x + tag.width / 2}
            y={y + 10.4}
            textAnchor="middle"
            style={{ fill: own ? 'var(--sheet)' : 'var(--def)' }}
          >
            {way}
          </text>
        </g>
      )}
      {block.cued && <path d={`M${x} ${y - 0.5}l5 0l-5 5z`} fill={chosen ? 'var(--pen)' : 'var(--ink)'} />}
    </>
  );
});
