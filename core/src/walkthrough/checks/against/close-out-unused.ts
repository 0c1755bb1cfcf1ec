import { said } from '../../../language/said.ts';
import { PLAYERS } from '../../../alignment/library.ts';
import { SPACE } from '../../../space/times.ts';
import type { Check } from '../../finding.ts';
import { apart } from '../support.ts';
import { aboutInstant, attackerAt, defenderAt, withDefence } from '../with-defence.ts';

/** A lane this safe can be used (s); a close-out shorter than this is none (ft). */
const SAFE = 0.1;
const LONG = 12;

export const closeOutUnused: Check = {
  code: 'close-out-unused',
  group: 'defence',
  words: 'A long close-out is used',
  limit: '12 ft and more, the man wide open',
  source: 'common practice',
  run: withDefence((input, against) => {
    const best = against.seeing.instants
      .flatMap((i) => i.options.map((o) => ({ ...o, t: i.t, holder: i.holder })))
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
