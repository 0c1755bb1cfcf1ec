import {
  type Drawn,
  type Fact,
  act,
  cut,
  drib,
  hold,
  plan,
  screen,
  useOf,
  values,
  worth,
} from './measure.test-data.ts';
import { ON_TOP, wide } from './on-top.test-data.ts';
import { type Board, type Shake, defend, over, way } from '../../board.test-data.ts';
import { type Defended } from '../../defended.ts';

// e: 1 drives right from the left slot; the next man that way fills the next spot, the one after, or the one after that.
const DRIVE_RIGHT = drib('1', [1.5, 20, 1, 7], { id: 'drive', kind: 'attack' });
const gapBoard = (places: Partial<Board['places']>): Board => ({
  places: { '1': [-8, 26], '2': [8, 26], '3': [-20.5, 10], '4': [22, 3.5], '5': [-8.5, 5], ...places },
  frames: [[DRIVE_RIGHT], [hold('1', 0.5)]],
});
const TRIPLE: Partial<Board['places']> = { '2': [22, 3.5], '4': [-19.5, 17.5], '3': [-22, 3.5] };
const GAPS = { single: gapBoard({}), double: gapBoard({ '2': [19, 17] }), triple: gapBoard(TRIPLE) };
/** 2 stays in the corner, or drifts up while 1 holds the ball; then 1 drives. */
const before = (first: Drawn): Board => ({
  ...gapBoard(TRIPLE),
  frames: [[hold('1', 1.6), first], [DRIVE_RIGHT], [hold('1', 0.5)]],
});
/** Seconds from the start of a drive until a second man is within 3 ft of it. */
const helpAfter = (d: Defended, from: number): number => {
  const { steps, dt, x, y } = d.rails;
  for (let k = Math.round(from / dt); k < steps; k++)
    for (let i = 1; i < 5; i++)
      if ((d.x[k * 5 + i]! - x[k * 5]!) ** 2 + (d.y[k * 5 + i]! - y[k * 5]!) ** 2 < 9) return k * dt - from;
  return steps * dt - from;
};
const gap = (s: Shake, b: Board): number => {
  const rails = defend(b, { help: 'weakCorner' }, s).rails;
  const from = rails.timeline.actions.find((a) => a.action.id === 'drive')!.start;
  const lateReads = [{ player: 0, from, seconds: 0.45 }];
  return helpAfter(defend(b, { lateReads, help: 'weakCorner' }, s), from);
};
export const drives: Fact[] = [
  {
    key: 'e-double',
    words: 'Help comes later into a double gap than into a single one',
    reported: 56 / 60,
    measure: (s) => {
      const single = gap(s, GAPS.single);
      const double = gap(s, GAPS.double);
      return { holds: double > single + 0.1, figures: { single, double } };
    },
  },
  {
    key: 'e-triple',
    words: 'Help comes later into a triple gap than into a single one',
    reported: 56 / 60,
    measure: (s) => {
      const single = gap(s, GAPS.single);
      const triple = gap(s, GAPS.triple);
      return { holds: triple > single + 0.1, figures: { single, triple } };
    },
  },
  {
    key: 'e-drift',
    words: 'A man who drifts up into the drive brings help sooner',
    reported: 54 / 60,
    measure: (s) => {
      const stays = gap(s, before(hold('2', 1.6)));
      const drifts = gap(s, before(cut('2', [18, 17, 10, 25])));
      return { holds: drifts < stays - 0.05, figures: { stays, drifts } };
    },
  },
];

// f: a screen for 1 at the left wing, who dribbles to the middle; the left corner is filled, or empty.
const SIDE: Board['places'] = { '1': [-18, 19], '2': [-22, 4], '3': [22, 3.5], '4': [19, 18], '5': [-6, 18] };
const EMPTY: Board['places'] = { ...SIDE, '2': [9, 26] };
const side = (places: Board['places']): Board => ({
  places,
  frames: [
    [screen('5', '1', [-14, 18.9]), drib('1', [-14.6, 21.4, -5, 23.5]), cut('5', [-11, 13, -4, 6.5])],
    [hold('1')],
  ],
});
export const emptySide: Fact = {
  key: 'f-empty',
  words: 'On an empty side the man who rolls is open for longer, and help comes later',
  reported: 1,
  measure: (s) => {
    const window = (b: Board): number => {
      const d = defend(b, plan('show', 'strongCorner'), s);
      const u = useOf(d);
      return values(d, 4, u, u + 2.5).filter((o) => o.catchable).length / 10;
    };
    const help = (b: Board): number => {
      const d = defend(b, plan('show', 'strongCorner'), s);
      const u = useOf(d);
      const near = over(d, u, u + 2.5, (k, t) => {
        const i = k * 5;
        const close = [1, 2, 3].some(
          (e) => (d.x[i + e]! - d.rails.x[i + 4]!) ** 2 + (d.y[i + e]! - d.rails.y[i + 4]!) ** 2 < 16,
        );
        return close ? t - u : Infinity;
      });
      return Math.min(2.5, ...near);
    };
    const figures = {
      empty: window(side(EMPTY)),
      filled: window(side(SIDE)),
      late: help(side(EMPTY)),
      soon: help(side(SIDE)),
    };
    return { holds: figures.empty > figures.filled + 0.1 && figures.late > figures.soon + 0.1, figures };
  },
};

// g: 2 back-screens the man who guards the roller, who has dropped.
const STACK: Board['places'] = { '1': [0, 27], '2': [8, 12], '3': [22, 3.5], '4': [18, 19], '5': [4, 19] };
const stackBoard = (stack: boolean): Board => ({
  places: STACK,
  frames: [
    [
      screen('5', '1', ON_TOP),
      ...(stack
        ? [
            act({
              id: 'stack',
              by: '2',
              does: 'screen',
              for: '5',
              path: way([-1.8, 13.6]),
              tempo: 'sprint',
              back: true,
              hold: 2,
            }),
            cut('2', [8, 25.5]),
          ]
        : []),
      wide,
      cut('5', [2.7, 16.5, 2.5, 6.5]),
    ],
    [hold('1')],
  ],
});
export const stackFact: Fact = {
  key: 'g-stack',
  words: "A guard who screens the roller's man opens the roll",
  reported: 0.8,
  measure: (s) => {
    const on = (stack: boolean): number => {
      const d = defend(
        stackBoard(stack),
        plan('drop', 'none', { per: { stack: 'stay' }, watches: Uint8Array.from([0, 0, 0, 0, 1]) }),
        s,
      );
      const u = useOf(d);
      return worth(d, 4, u, u + 2.5);
    };
    const figures = { stack: on(true), plain: on(false) };
    return { holds: figures.stack > figures.plain + 0.1, figures };
  },
};
