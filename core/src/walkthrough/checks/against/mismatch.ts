import { PLAYERS } from '../../../alignment/library.ts';
import { SEATS, type Seat } from '../../../geometry/five.ts';
import { said } from '../../../language/said.ts';
import type { Defended } from '../../../defence/defended.ts';
import { ourMan, theirMan } from '../../../motion/level.ts';
import type { Check } from '../../finding.ts';
import { aboutInstant, attackerAt, withDefence } from '../with-defence.ts';

/** So much taller or faster than his man is an advantage, and one that lasts so long can be used (cm; a share; s). */
const TALLER = 10;
const FASTER = 1.08;
const LASTS = 1;

interface Span {
  readonly player: Seat;
  readonly from: number;
  readonly to: number;
}

/** Whom a defender has one after the other, seconds. */
function spansOf({ guards, rails }: Defended, d: Seat): Span[] {
  const out: { player: Seat; from: number; to: number }[] = [];
  for (let k = 0; k < rails.steps; k++) {
    const player = guards[k * 5 + d] as Seat;
    const last = out.at(-1);
    if (last?.player === player) last.to = k * rails.dt;
    else out.push({ player, from: k * rails.dt, to: k * rails.dt });
  }
  return out;
}

export const mismatch: Check = {
  code: 'mismatch',
  group: 'defence',
  words: 'After a switch somebody has a smaller or a slower man on him',
  limit: '10 cm (4 in) taller, or 8 % faster, for a second; both fives must be known',
  source: 'from memory',
  run: withDefence((input, { defended, ...against }) => {
    const { level } = defended.rails;
    if (defended.type !== 'man' || !level.ours || !level.theirs) return [];
    return SEATS.flatMap((d) =>
      spansOf(defended, d)
        .filter((s, i) => i > 0 && s.to - s.from >= LASTS)
        .flatMap(({ player, from }) => {
          const [his, man] = [ourMan(level, player).man, theirMan(level, d).man];
          const who = PLAYERS[player];
          const told = {
            ...aboutInstant(input, from),
            players: [who],
            place: attackerAt({ defended, ...against }, who, from),
            severity: 'know' as const,
          };
          const { heightCm: ours } = his;
          const { heightCm: theirs } = man;
          const taller = ours !== undefined && theirs !== undefined && ours - theirs >= TALLER;
          return [
            ...(taller ? [{ ...told, says: said('mismatch-tall', { who, by: d, ours, theirs }) }] : []),
            ...(his.speed >= FASTER * man.speed
              ? [
                  {
                    ...told,
                    says: said('mismatch-fast', { who, by: d, percent: 100 * (his.speed / man.speed - 1) }),
                  },
                ]
              : []),
          ];
        }),
    );
  }),
};
