import type { Level, Play } from '../play/document.ts';
import { editAll } from '../play/edit.ts';
import type { EditResult } from '../play/result.ts';

/** The floor a level plays on, where nobody says otherwise (common practice). */
const FLOORS: Readonly<Record<Level, Play['court']>> = {
  youth: 'nfhs',
  highSchool: 'nfhs',
  college: 'ncaa',
  pro: 'usPro',
};
const NAMES: Readonly<Record<Level, string>> = {
  youth: 'youth',
  highSchool: 'high school',
  college: 'college',
  pro: 'professional',
};

/**
 * The play as a version for another level, linked to the one it was made of: on that level's floor, where this one
 * was on its own. What stands on a spot stands on it there.
 */
export function levelVersionOf(play: Play, level: Level, id: string): EditResult {
  const usual = play.court === FLOORS[play.level];
  return editAll(play, [
    { do: 'level', level },
    ...(usual && FLOORS[level] !== play.court ? [{ do: 'court' as const, court: FLOORS[level] }] : []),
    { do: 'variantOf', variantOf: { play: play.id, name: play.name, kind: 'level' } },
    { do: 'copy', id, suffix: ` (${NAMES[level]})` },
  ]);
}
