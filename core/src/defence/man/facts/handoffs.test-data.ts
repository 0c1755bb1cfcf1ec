import {
  type Drawn,
  type Fact,
  LATER,
  act,
  atPickUp,
  bestCatch,
  cut,
  drib,
  hold,
  most,
  plan,
  values,
  worth,
} from './measure.test-data.ts';
import { type Board, defend } from '../../board.test-data.ts';
import { type Defended } from '../../defended.ts';

// h: 1 has it at the left slot; 5 at the elbow takes it and hands it to 2, who comes from the left corner.
const HAND: Board['places'] = { '1': [10, 26], '2': [-21, 8], '3': [22, 3.5], '4': [20, 17], '5': [-8, 21] };
const handAt = (tempo: string, ...after: Drawn[]): Board => ({
  places: HAND,
  ball: '5',
  frames: [
    [
      hold('5', 0.4),
      cut('2', [-12, 19.6, -6.8, 23], { id: 'come', tempo }),
      act({ by: '5', does: 'handoff', to: '2' }),
    ],
    after,
    [hold('2')],
  ],
});
const hand = (...after: Drawn[]): Board => handAt('sprint', ...after);
const HAND_DRIVE = hand(drib('2', [-2.5, 19, 0.8, 7]));
const HAND_ROLL = hand(drib('2', [-1, 22.5]), cut('5', [-4, 6.5]));
const HAND_POP = hand(drib('2', [-1, 20]), cut('5', [-13, 23.5]));
const HAND_PULL = handAt('cut', drib('2', [-5.4, 24.2]));
const behindStart = (() => {
  const start = new Float64Array(10).fill(NaN);
  start[2] = -22.2;
  start[3] = 6.6;
  return start;
})();
const exchange = (d: Defended): number =>
  d.rails.timeline.actions.find((a) => a.action.does === 'handoff')!.start;
export const handoffs: Fact[] = [
  {
    key: 'h-drive',
    words:
      'When the man is chased over a handoff his drive is there unless the big helps, and then the big pops free',
    reported: 56 / 60,
    measure: (s) => {
      const p = { start: behindStart };
      const stays = defend(HAND_DRIVE, plan('stay', 'none', p), s);
      const helps = defend(HAND_DRIVE, plan('drop', 'none', p), s);
      const t = exchange(stays);
      const popHelped = defend(HAND_POP, plan('level', 'none', p), s);
      const popStayed = defend(HAND_POP, plan('stay', 'none', p), s);
      const figures = {
        stays: worth(stays, 1, t + 0.2, t + 2),
        helps: worth(helps, 1, t + 0.2, t + 2),
        popHelped: most(values(popHelped, 4, t + 0.4, t + 2).map((o) => o.atCatch)),
        popStayed: most(values(popStayed, 4, t + 0.4, t + 2).map((o) => o.atCatch)),
      };
      return { holds: figures.stays > figures.helps + 0.1 && figures.popHelped > figures.popStayed, figures };
    },
  },
  {
    key: 'h-roll',
    words: 'When the handoff is chased over with a dropping big, the roll catch or the pull-up is there',
    reported: 1,
    measure: (s) => {
      const d = defend(HAND_ROLL, plan('drop', 'none', { start: behindStart }), s);
      const t = exchange(d);
      const rollCatch = bestCatch(d, 4, t, t + 1.5);
      const pull = atPickUp(d, 1).jumper;
      return { holds: rollCatch >= 4 || pull >= 4, figures: { rollCatch, pull } };
    },
  },
  {
    key: 'h-under',
    words: 'Under a handoff leaves room that over does not',
    reported: 52 / 60,
    measure: (s) => {
      const p = { start: behindStart };
      const under = atPickUp(defend(HAND_PULL, plan('under', 'none', p), s), 1, LATER).feet;
      const over = atPickUp(defend(HAND_PULL, plan('drop', 'none', p), s), 1, LATER).feet;
      return { holds: under >= 3.5 && under > over + 0.8, figures: { under, over } };
    },
  },
];
