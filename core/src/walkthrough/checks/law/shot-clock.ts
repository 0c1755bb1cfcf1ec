import { said } from '../../../language/said.ts';
import { RULE_SETS } from '../../../court/rulesets.ts';
import type { Check } from '../../finding.ts';
import { frameAt } from '../../../motion/moments.ts';

/** Shot clocks of the rule books (from memory); high schools play without one, or with their state's. */
export const shotClock: Check = {
  code: 'shot-clock',
  group: 'law',
  words: 'The play is over before the shot clock',
  limit: 'the court’s own: 30 s college, 24 s international and professional, none in high school',
  source: 'rule books, from memory',
  run: ({ play, court, timeline, walks }) => {
    const key = court.key === 'custom' ? (play.customCourt?.base ?? 'nfhs') : court.key;
    const clock = RULE_SETS[key].shotClock;
    const shot = timeline.flights.find((f) => f.receiver === null);
    const end = shot?.release ?? timeline.end;
    if (!clock || end <= clock.full) return [];
    return [
      {
        frame: frameAt(timeline, clock.full),
        players: [],
        place: walks.at(-1)!.after.places['1'],
        time: clock.full,
        severity: 'illegal',
        says: said('play-long', { seconds: end, clock: clock.full }),
      },
    ];
  },
};
