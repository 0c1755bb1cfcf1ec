import { said } from '../../../language/said.ts';
import { PLAYERS } from '../../../alignment/library.ts';
import { SPACE } from '../../../space/times.ts';
import type { Check } from '../../finding.ts';
import { apart } from '../support.ts';
import { shots } from '../shot/taken.ts';
import { aboutInstant, attackerAt, defenderAt, ownShot, withDefence } from '../with-defence.ts';

/** A lane this safe can be used (s); a close-out shorter than this is none (ft). */
const SAFE = 0.1;
const LONG = 12;
/** Worth this much more than the look that is taken it is clearly more (points). */
const CLEARLY = 0.2;

export const closeOutUnused: Check = {
  code: 'close-out-unused',
  group: 'defence',
  words: 'A long close-out is used',
  limit: '12 ft and more, the man wide open and worth clearly more than the look that is taken',
  source: 'common practice',
  run: withDefence((input, against) => {
    const { seeing } = against;
    const shot = shots(input).at(-1);
    // What is taken: the shot at the end. A line without one takes nothing that could be less.
    if (!shot) return [];
    const at = (t: number): number => Math.min(seeing.times.length - 1, Math.round(t * 10));
    const taken = ownShot(against, shot)?.value ?? 0;
    // Before anything was done it is only the set.
    const first = Math.min(...input.timeline.actions.map((a) => a.end));
    const best = seeing.instants
      .filter((i) => i.t > first - 1e-6 && i.t < shot.release)
      .flatMap((i) => i.options.map((o) => ({ ...o, t: i.t, holder: i.holder })))
      .filter((o) => seeing.openness[at(o.t)]![o.player]!.value >= taken + CLEARLY)
      .filter((o) => o.late > SPACE.wideOpen && o.margin >= SAFE && o.closeOut >= LONG)
      .filter((o) => {
        const player = PLAYERS[o.player];
        return !input.timeline.flights.some((f) => f.receiver === player && f.release > o.t - 0.3);
      })
      .sort((a, b) => b.late - a.late)[0];
    if (!best) return [];
    const player = PLAYERS[best.player]!;
    const place = attackerAt(against, player, best.t);
    return [
      {
        ...aboutInstant(input, best.t),
        players: [player],
        place,
        severity: 'know' as const,
        marks: [apart(defenderAt(against, best.defender, best.t), place)],
        says: said('close-out-unused', {
          by: best.defender,
          who: player,
          feet: best.closeOut,
          late: best.late,
        }),
      },
    ];
  }),
};
