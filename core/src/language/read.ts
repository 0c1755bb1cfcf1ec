import type { Read } from '../play/document.ts';

/** What they do: by one man, who is named before it, or by all of them. */
const READS: Record<Read['does'], string> = {
  drop: 'drops',
  level: 'comes to the level',
  show: 'shows',
  under: 'goes under',
  switch: 'They switch',
  trap: 'They trap',
  push: 'pushes to the side',
  trail: 'trails',
  topLock: 'locks on top',
  bump: 'bumps',
  stay: 'stays home',
  deny: 'denies',
  front: 'fronts',
  behind: 'plays behind',
  none: 'No help comes',
  weakCorner: 'Help from the weak corner',
  top: 'Help from the top',
  strongCorner: 'Help from the strong corner',
  rotation: 'They rotate',
  helps: 'helps',
  sags: 'sags off',
  watches: 'watches the ball',
  cheats: 'cheats',
  late: 'is late',
  over: 'goes over',
  sealed: 'is sealed',
  closed: 'It is not there',
  goes: 'goes out',
  stays: 'stays',
  stepsUp: 'steps up',
  own: '',
};
/** What is no one man's doing. */
const OF_ALL: ReadonlySet<Read['does']> = new Set<Read['does']>([
  'switch',
  'trap',
  'none',
  'weakCorner',
  'top',
  'strongCorner',
  'rotation',
  'closed',
]);

/** A read in words: "x5 drops", "They switch". */
export function readWords(read: Read): string {
  if (read.does === 'own') return read.note ?? 'Another answer';
  const phrase = READS[read.does];
  if (OF_ALL.has(read.does)) return phrase;
  return `${read.who?.length ? read.who.join(' and ') : 'The defender'} ${phrase}`;
}
