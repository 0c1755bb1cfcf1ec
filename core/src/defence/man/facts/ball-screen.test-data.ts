import {
  type Fact,
  LATER,
  atPickUp,
  bestCatch,
  cut,
  most,
  plan,
  useOf,
  values,
  worth,
} from './measure.test-data.ts';
import { DRIVE, MID, PULL_UP, ROLL, SLIP, onTop, options, roll, wide } from './on-top.test-data.ts';
import { defend } from '../../board.test-data.ts';
import { opennessAt } from '../../../look/openness.ts';
import { type Defended } from '../../defended.ts';
import { type Help } from '../../plan.ts';

export const ballScreen: Fact[] = [
  {
    key: 'a-under',
    words: 'Under a ball screen leaves room for the pull-up that over does not',
    reported: 55 / 60,
    measure: (s) => {
      const under = atPickUp(defend(PULL_UP, plan('under'), s), 0, LATER).feet;
      const over = atPickUp(defend(PULL_UP, plan('drop'), s), 0, LATER).feet;
      return { holds: under >= 4 && under > over + 1, figures: { under, over } };
    },
  },
  {
    key: 'a-drop-mid',
    words: 'A drop leaves the middle distance and not the rim',
    reported: 59 / 60,
    measure: (s) => {
      const mid = defend(MID, plan('drop'), s);
      const end = mid.rails.timeline.moves['1'].at(-1)!.end;
      const room = most(values(mid, 0, end - 0.3, end + 0.4).map((o) => o.jumper));
      const d = defend(DRIVE, plan('drop'), s);
      const last = d.rails.timeline.moves['1'].at(-1)!.end;
      const rim = opennessAt(d, Math.round((last - 0.2) / d.rails.dt), 0).jumper;
      return { holds: room >= 2.6 && room >= rim + 0.6, figures: { room, rim } };
    },
  },
  {
    key: 'a-drop-pocket',
    words: 'Against a drop the man who rolls can be hit in the pocket',
    reported: 1,
    measure: (s) => {
      const d = defend(ROLL, plan('drop'), s);
      const pocket = bestCatch(d, 4, useOf(d), useOf(d) + 0.9);
      return { holds: pocket >= 4, figures: { pocket } };
    },
  },
  {
    key: 'a-drop-rim',
    words: 'A drop protects the rim against roll and drive',
    reported: 1,
    measure: (s) => {
      const { roll: free } = options(s, plan('show'));
      const o = options(s, plan('drop'));
      return { holds: Math.max(o.roll, o.drive) <= 0.75 * free, figures: { ...o, free } };
    },
  },
  ...(['show', 'trap'] as const).map((c): Fact => ({
    key: `a-${c}`,
    words: `A ${c} leaves the man who rolls the most open`,
    reported: 1,
    measure: (s) => {
      const o = options(s, plan(c));
      return { holds: o.roll > Math.max(o.pull, o.drive, o.outside) + 0.1, figures: o };
    },
  })),
  {
    key: 'a-switch',
    words:
      'A slip beats a switch, better than a roll does and better than it beats a drop; the switch is told',
    reported: 1,
    measure: (s) => {
      const d = defend(SLIP, plan('switch'), s);
      const slip = worth(d, 4, useOf(d) - 0.6, useOf(d) + 1.5);
      const drop = defend(SLIP, plan('drop'), s);
      const dropped = worth(drop, 4, useOf(drop) - 0.6, useOf(drop) + 1.5);
      const { roll } = options(s, plan('switch'));
      return {
        holds: slip > roll + 0.1 && slip > dropped + 0.1 && d.events.some((e) => e.is === 'switch'),
        figures: { slip, roll, dropped },
      };
    },
  },
];

const LIFT = onTop(wide, roll, cut('4', [6, 26], { tempo: 'cut' }));
const helpFact = (
  key: string,
  words: string,
  reported: number,
  help: Help,
  player: number,
  board = ROLL,
): Fact => ({
  key,
  words,
  reported,
  measure: (s) => {
    const d = defend(board, plan('show', help), s);
    const none = defend(board, plan('show'), s);
    const u = useOf(d);
    const helped = most(values(d, player, u + 0.5, u + 2).map((o) => o.atCatch));
    const alone = most(values(none, player, u + 0.5, u + 2).map((o) => o.atCatch));
    return {
      holds: helped >= 6 && helped > alone + 3,
      figures: { helped, alone, worth: worth(d, player, u, u + 2) },
    };
  },
});
export const helps: Fact[] = [
  helpFact('b-weak', 'A tag from the weak corner opens the weak corner', 1, 'weakCorner', 2),
  helpFact('b-top', 'A tag from the top opens the man who lifts', 1, 'top', 3, LIFT),
  helpFact('b-strong', 'Help from the strong corner opens the nearest kick-out', 59 / 60, 'strongCorner', 1),
  {
    key: 'b-none',
    words: 'Without a tag the man who rolls is open at the rim',
    reported: 1,
    measure: (s) => {
      const d = defend(ROLL, plan('show'), s);
      const tagged = defend(ROLL, plan('show', 'weakCorner'), s);
      const u = useOf(d);
      const free = worth(d, 4, u, u + 2.5);
      const held = worth(tagged, 4, u, u + 2.5);
      return { holds: free >= 1 && free > held + 0.2, figures: { free, held } };
    },
  },
  {
    key: 'b-rotation',
    words: 'A full rotation leaves the kick-outs less open than a lone tag',
    reported: 1,
    measure: (s) => {
      const lone = defend(ROLL, plan('show', 'weakCorner'), s);
      const rotated = defend(ROLL, plan('show', 'rotation'), s);
      const u = useOf(lone);
      const best = (d: Defended): number =>
        most([1, 2, 3].map((j) => most(values(d, j, u + 0.5, u + 2).map((o) => o.atCatch))));
      const one = best(lone);
      const all = best(rotated);
      return { holds: all < one - 1, figures: { one, all } };
    },
  },
];
