import { NO_PAST, type Problem } from './problem.ts';

/** Two seasons so small that every plan of them can be tried. */
export const T1: Problem = {
  options: [
    { key: 'A', importance: 3, base: 5, concepts: [0, 1], main: null, past: NO_PAST },
    { key: 'B', importance: 2, base: 4, concepts: [1, 2], main: null, past: NO_PAST },
  ],
  concepts: [3, 2, 3],
  practices: [
    { day: 0, minutes: 20, barred: [], nothingNew: false },
    { day: 2, minutes: 16, barred: [], nothingNew: false },
    { day: 4, minutes: 14, barred: [], nothingNew: true },
  ],
  games: [
    {
      day: 5,
      wants: [
        { option: 0, weight: 3 },
        { option: 1, weight: 2 },
      ],
    },
  ],
  newEach: 1,
  liveMinutes: 10,
};

export const T2: Problem = {
  options: [
    { key: 'A', importance: 2, base: 4, concepts: [0], main: null, past: NO_PAST },
    { key: 'B', importance: 4, base: 5, concepts: [0, 1, 2], main: null, past: NO_PAST },
  ],
  concepts: [4, 5, 4],
  practices: [
    { day: 0, minutes: 12, barred: [1], nothingNew: false },
    { day: 2, minutes: 12, barred: [], nothingNew: false },
    { day: 4, minutes: 12, barred: [], nothingNew: true },
    { day: 7, minutes: 12, barred: [], nothingNew: true },
  ],
  games: [
    { day: 5, wants: [{ option: 0, weight: 2 }] },
    {
      day: 8,
      wants: [
        { option: 0, weight: 2 },
        { option: 1, weight: 4 },
      ],
    },
  ],
  newEach: 1,
  liveMinutes: 10,
};
