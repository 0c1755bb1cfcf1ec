import { said } from '../../../language/said.ts';
import { PLAYERS } from '../../../alignment/library.ts';
import type { Check } from '../../finding.ts';
import { aboutInstant, attackerAt, withDefence } from '../with-defence.ts';

/** The man a helper has left is looked for this long (s). */
const SOON = 1.6;

export const helpUnseen: Check = {
  code: 'help-unseen',
  group: 'defence',
  words: 'Where help comes from, the ball goes to',
  limit: 'the man left open is looked at',
  source: 'common practice',
  run: withDefence((input, against) =>
    against.seeing.events.flatMap((e) => {
      if (e.is !== 'tag') return [];
      const k = Math.round(e.t / against.defended.rails.dt);
      const left = against.defended.guards[k * 5 + e.defender]!;
      const player = PLAYERS[left];
      if (!player) return [];
      const open = against.seeing.windows.find(
        (w) => w.player === player && w.to > e.t && w.from < e.t + SOON,
      );
      const used = input.timeline.flights.some((f) => f.receiver === player && f.release > e.t - 0.5);
      if (!open || used) return [];
      return [
        {
          ...aboutInstant(input, Math.max(e.t, open.from)),
          players: [player],
          place: attackerAt(against, player, open.bestAt),
          severity: 'know' as const,
          says: said('help-unseen', { by: e.defender, who: player, from: open.from, to: open.to }),
        },
      ];
    }),
  ),
};
