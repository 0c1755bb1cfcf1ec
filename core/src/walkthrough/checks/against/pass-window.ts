import { said } from '../../../language/said.ts';
import { startAt } from '../../../beat/retime.ts';
import { IN_TIME } from '../../../look/passes.ts';
import type { Bare, Check, Mend } from '../../finding.ts';
import { timed } from '../support.ts';
import { attackerAt, withDefence } from '../with-defence.ts';

export const passWindow: Check = {
  code: 'pass-window',
  group: 'defence',
  words: 'A pass comes while its receiver is free',
  limit: `${IN_TIME} s outside the open window`,
  source: 'from memory',
  run: withDefence((input, against) =>
    against.seeing.passes.flatMap((p) => {
      const pass = timed(input, p.action);
      if (!pass || !p.window || !p.costs) return [];
      const { from, to } = p.window;
      // Not at its first moment: a little into it the man is freer.
      const at = Math.round(Math.min(from + 0.1, (from + to) / 2) * 10) / 10;
      const change = startAt(input.timeline, p.action, at);
      const mends: Bare<Mend>[] = change ? [{ says: said('mend-throw-at', { at }), changes: [change] }] : [];
      return [
        {
          frame: pass.frame,
          action: p.action,
          players: [p.passer, p.receiver],
          place: attackerAt(against, p.receiver, p.at),
          time: p.at,
          severity: 'costs' as const,
          mends,
          says: said('pass-window', { receiver: p.receiver, by: p.by, verdict: p.verdict, from, to }),
        },
      ];
    }),
  ),
};
