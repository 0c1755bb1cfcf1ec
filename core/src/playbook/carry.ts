import type { Level } from '../play/document.ts';
import type { PlayRow } from './shapes.ts';

/** What a team holds in its head: plays, words of its own, and answers to what they do (endings beyond the drawn one). */
export interface Carried {
  readonly plays: number;
  readonly words: number;
  readonly answers: number;
}

/** What most teams of a level carry (from memory; a team sets its own). */
export const CARRIES: Readonly<Record<Level, Carried>> = {
  youth: { plays: 6, words: 10, answers: 8 },
  highSchool: { plays: 18, words: 25, answers: 40 },
  college: { plays: 35, words: 45, answers: 90 },
  pro: { plays: 60, words: 80, answers: 180 },
};

/** What a team is asked to carry: adopted plays only, and what of it is more than most of its level, or it by its own word, do. */
export function carried(
  rows: readonly PlayRow[],
  words: number,
  level: Level,
  own: { readonly [K in keyof Carried]?: number | undefined } = {},
): { readonly key: keyof Carried; readonly has: number; readonly limit: number; readonly own: boolean }[] {
  const adopted = rows.filter((r) => r.summary.status === 'adopted');
  const has: Carried = {
    plays: adopted.length,
    words,
    answers: adopted.reduce((n, r) => n + r.summary.endings - 1, 0),
  };
  return (['plays', 'words', 'answers'] as const).map((key) => ({
    key,
    has: has[key],
    limit: own[key] ?? CARRIES[level][key],
    own: own[key] !== undefined,
  }));
}
