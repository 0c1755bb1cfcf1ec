import type { Verb } from '@corkscrew/core';

/** Each verb as it is drawn on the court, small; in the order they are offered. */
const GLYPH: Record<Verb, { d: string; live: boolean; dash?: string }> = {
  cut: { d: 'M2 8H22M17 4l6 4-6 4', live: false },
  dribble: { d: 'M1 8c2-6 4-6 5 0s3 6 5 0 3-6 5 0l6 0M19 4l5 4-5 4', live: true },
  pass: { d: 'M1 8H20M18 4l5 4-5 4', live: true, dash: '4 3' },
  screen: { d: 'M2 8H22M22 2V14', live: false },
  handoff: { d: 'M1 8H24M11 3V13M15 3V13', live: true },
  shot: { d: 'M2 8H16M18 8a3 3 0 1 0 6 0a3 3 0 1 0-6 0', live: true, dash: '0.1 4' },
  fake: { d: 'M2 8H16M18 4V12', live: true, dash: '3 3' },
  hold: { d: 'M8 3V13M16 3V13', live: false },
  seal: { d: 'M5 5H20M5 11H20', live: false },
};

/** What a man can do, in the order of the keys for it. */
export const VERBS = Object.keys(GLYPH) as readonly Verb[];

export function VerbGlyph({ verb, faint = false }: { verb: Verb; faint?: boolean }) {
  const g = GLYPH[verb];
  return (
    <svg width="26" height="16" aria-hidden="true" opacity={faint ? 0.55 : 1}>
      <path
        d={g.d}
        fill="none"
        stroke={g.live && !faint ? 'var(--live)' : 'currentColor'}
        strokeWidth="1.8"
        strokeDasharray={g.dash}
        strokeLinecap="round"
      />
    </svg>
  );
}
