import { JOBS, type BallPiece, type Chased, type Job, type SlidePace, type Slide } from '@corkscrew/core';
import { BLOCK, ROW, RULER, stave, top, xOf } from './slide-scale.ts';

/** What a man slides for, in a word or two. */
const FOR: Readonly<Record<Job, string>> = {
  ball: 'to the ball',
  trap: 'trap',
  gap: 'gap',
  nail: 'nail',
  elbow: 'elbow',
  return: 'return pass',
  wing: 'wing',
  corner: 'corner',
  block: 'block',
  lane: 'lane',
  rim: 'rim',
  wsblock: 'weak side',
  dig: 'dig',
  star: 'his man',
};

/** The same textures as our tempos: the harder he goes, the fuller the band. */
const BAND: Readonly<Record<SlidePace, string | undefined>> = {
  shuffle: '6 4',
  slide: '1.8 2.2',
  run: undefined,
};

/** About the width of a letter. */
const LETTER = 5.6;

/** Whose staves they are. */
export function Names() {
  return (
    <svg width={34} height={RULER + 6 * ROW} aria-hidden="true">
      {[0, 1, 2, 3, 4].map((d) => (
        <g key={d} transform={`translate(15 ${top(d) + 9})`}>
          <path
            d="M-7 -6.5H7V0A7 7.5 0 0 1 -7 0Z"
            fill="var(--sheet)"
            stroke="var(--def)"
            strokeWidth={1.2}
          />
          <path d="M-9 -7H9" stroke="var(--def)" strokeWidth={2.4} />
          <text y={4} textAnchor="middle" style={{ fill: 'var(--def)' }}>
            {d + 1}
          </text>
        </g>
      ))}
      <text x={15} y={top(5) + 13} textAnchor="middle">
        Ball
      </text>
    </svg>
  );
}

/** One way of one man: its length is its time, its band how hard he goes. */
export function SlideBlock({ slide }: { slide: Slide }) {
  const x = xOf(slide.from);
  const y = top(slide.defender) + 1.5;
  const w = Math.max(5, xOf(slide.to) - x);
  const word = FOR[slide.job];
  return (
    <g aria-hidden="true">
      <title>{`x${slide.defender + 1}: ${JOBS[slide.job]}, ${slide.feet.toFixed(0)} ft`}</title>
      <rect x={x} y={y} width={w} height={BLOCK} fill="var(--raised)" stroke="var(--def)" />
      <path
        d={`M${x + 1.5} ${y + BLOCK - 2.4}h${Math.max(0, w - 3)}`}
        stroke="var(--def)"
        strokeWidth={3}
        strokeDasharray={BAND[slide.pace]}
      />
      {word.length * LETTER + 6 <= w && (
        <text x={x + 4} y={y + 9}>
          {word}
        </text>
      )}
    </g>
  );
}

/** From the catch until somebody could contest: on the stave of the man who comes too late. */
export function Opened({ chased: { defender, caught, late, to } }: { chased: Chased }) {
  if (late <= 0.02) return null;
  const [a, b] = [xOf(caught), xOf(caught + late)];
  const y = top(defender) + 8.5;
  return (
    <g aria-hidden="true" pointerEvents="none">
      <path d={`M${a} ${y}H${b}`} stroke="var(--sheet)" strokeWidth={6} />
      <path d={`M${a} ${y}H${b}M${a} ${y - 6}v12M${b} ${y - 6}v12`} stroke="var(--ink)" strokeWidth={2.4} />
      <text className="halo" x={b + 6} y={y + 4}>
        {to + 1} is open {late.toFixed(2)} s
      </text>
    </g>
  );
}

/** The ball: a box while a man has it, dashes while it flies. */
export function BallRow({ pieces }: { pieces: readonly BallPiece[] }) {
  const y = top(5) + 1.5;
  return pieces.map((p) => {
    const [a, b] = [xOf(p.from), xOf(p.to)];
    if (p.holder < 0)
      return (
        <g key={p.from} fill="none" stroke="var(--live)" strokeWidth={2.1}>
          <path d={`M${a} ${stave(5) - 7}H${b - 2}`} strokeDasharray="6 4" />
          <path d={`M${b - 7} ${stave(5) - 11}l6 4l-6 4`} />
        </g>
      );
    const words = `${p.holder + 1} · ${(p.to - p.from).toFixed(1)} s`;
    return (
      <g key={p.from}>
        <rect
          x={a}
          y={y}
          width={Math.max(3, b - a)}
          height={BLOCK}
          fill="var(--raised)"
          stroke="var(--live)"
        />
        <text x={a + 4} y={y + 10.5}>
          {words.length * LETTER + 6 <= b - a ? words : b - a > 12 ? String(p.holder + 1) : ''}
        </text>
      </g>
    );
  });
}

/** What the bands mean. */
export function PaceLegend() {
  return (
    <span className="paces" aria-hidden="true">
      {(['shuffle', 'slide', 'run'] as const).map((pace) => (
        <span key={pace}>
          <svg width={28} height={10}>
            <rect x={0.5} y={0.5} width={27} height={9} fill="var(--raised)" stroke="var(--def)" />
            <path d="M2 7h24" stroke="var(--def)" strokeWidth={3} strokeDasharray={BAND[pace]} />
          </svg>
          {pace}
        </span>
      ))}
    </span>
  );
}
