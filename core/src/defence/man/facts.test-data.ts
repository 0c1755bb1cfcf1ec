import { opennessAt, type Openness } from '../../look/openness.ts';
import type { Action } from '../../play/document.ts';
import { defend, over, sustained, way, type Board, type Shake, type XY } from '../board.test-data.ts';
import type { Defended } from '../defended.ts';
import type { Help, ManPlan, OffBall, OnBall } from '../plan.ts';

/**
 * Facts of the trade about man-to-man defence, each on a small play of our own (all common practice). A fact
 * measures its play under a shake and says what came out and whether it holds.
 */
export interface Fact {
  readonly key: string;
  readonly words: string;
  /** Share of shaken boards on which the model it was found with held it. */
  readonly reported: number;
  readonly measure: (s: Shake) => Measured;
}
export interface Measured {
  readonly holds: boolean;
  readonly figures: Readonly<Record<string, number>>;
}

type Drawn = Omit<Action, 'id'> & { id?: string };
const act = (a: object): Drawn => a as Drawn;
const cut = (by: string, path: readonly number[], more: object = {}): Drawn =>
  act({ by, does: 'cut', path: way(path), tempo: 'sprint', ...more });
const drib = (by: string, path: readonly number[], more: object = {}): Drawn =>
  act({ by, does: 'dribble', path: way(path), tempo: 'sprint', ...more });
const hold = (by: string, seconds = 1.5): Drawn => act({ by, does: 'hold', seconds });
const screen = (by: string, user: string, spot: XY, more: object = {}): Drawn =>
  act({ id: 'screen', by, does: 'screen', for: user, path: way(spot), tempo: 'cut', ...more });

const values = (d: Defended, player: number, from: number, to: number): Openness[] =>
  over(d, from, to, (k) => opennessAt(d, k, player));
const worth = (d: Defended, player: number, from: number, to: number): number =>
  Math.max(
    0,
    sustained(values(d, player, from, to).map((o) => o.value)) *
      (blockedFor(d, player, from, to) >= 0.25 ? 0.6 : 1),
  );
const most = (all: readonly number[]): number => all.reduce((a, b) => Math.max(a, b), 0);
const blockedFor = (d: Defended, player: number, from: number, to: number): number =>
  d.blocked
    .filter((b) => b.player === player && b.from >= from - 1 && b.from <= to)
    .reduce((s, b) => s + b.seconds, 0);
/** The best catch that lane and defenders allow, effective feet. */
const bestCatch = (d: Defended, player: number, from: number, to: number, margin = 0.1): number =>
  most(values(d, player, from, to).map((o) => (o.margin >= margin ? o.atCatch : 0)));
const useOf = (d: Defended): number => {
  const s = d.rails.timeline.screens[0]!;
  return s.used?.at ?? s.left;
};

// a, b, f: the ball screen on top, going left; 2 in the strong corner, 3 in the weak one, 4 at the right slot.
const TOP: Board['places'] = { '1': [0, 27], '2': [-22, 3.5], '3': [22, 3.5], '4': [10, 26], '5': [4, 19] };
const ON_TOP: XY = [-2.4, 24.6];
const wide = drib('1', [-2.6, 27.2, -9.5, 22.5]);
const roll = cut('5', [-1, 6.5]);
const onTop = (...actions: Drawn[]): Board => ({
  places: TOP,
  frames: [[screen('5', '1', ON_TOP), ...actions], [hold('1')]],
});
const ROLL = onTop(wide, roll);
const PULL_UP: Board = {
  places: TOP,
  frames: [
    [screen('5', '1', ON_TOP), drib('1', [-2, 27.4, -4.2, 26.9])],
    [hold('1'), hold('5')],
  ],
};
const MID: Board = {
  places: TOP,
  frames: [[screen('5', '1', ON_TOP), drib('1', [-2.6, 27.2, -5, 17]), roll], [hold('1')]],
};
const DRIVE: Board = {
  places: TOP,
  frames: [[screen('5', '1', ON_TOP), drib('1', [-2.6, 27.2, -6, 20, -1.5, 6])], [hold('5')]],
};
const SLIP: Board = {
  places: TOP,
  frames: [
    [
      screen('5', '1', ON_TOP, { slip: true }),
      wide,
      cut('5', [-1, 6.5], { cue: { on: 'screen', event: 'end' } }),
    ],
    [hold('1')],
  ],
};
const plan = (onBall: OnBall, help: Help = 'none', more: Partial<ManPlan> = {}): Partial<ManPlan> => ({
  onBall,
  handoff: onBall,
  help,
  ...more,
});
/** Each option's worth around a ball screen: the handler's shot and drive, the roll, the three outside. */
function options(s: Shake, p: Partial<ManPlan>) {
  const pull = defend(PULL_UP, p, s);
  const drive = defend(DRIVE, p, s);
  const rolls = defend(ROLL, p, s);
  const u = useOf(rolls);
  return {
    roll: worth(rolls, 4, u - 0.2, u + 2.5),
    pull: worth(pull, 0, useOf(pull), useOf(pull) + 1.5),
    drive: worth(drive, 0, useOf(drive), useOf(drive) + 1.5),
    outside: most([1, 2, 3].map((j) => worth(rolls, j, u, u + 2))),
  };
}
/** A shot is looked at when the shooter has just stopped, seconds after his pick-up. */
const LATER = 0.2;
const atPickUp = (d: Defended, player: number, after = 0): Openness => {
  const end = d.rails.timeline.moves[`${player + 1}` as '1'].findLast(
    (m) => m.action.does === 'dribble',
  )!.end;
  return opennessAt(d, Math.round((end + after) / d.rails.dt), player);
};

const ballScreen: Fact[] = [
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
      const o = options(s, plan('drop'));
      return { holds: o.roll <= 0.9 && o.drive <= 0.9, figures: o };
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
const helps: Fact[] = [
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

// c: a wide pin-down for 2 in the right corner, the ball at the top.
const PIN: Board['places'] = {
  '1': [-3, 27],
  '2': [22, 4.5],
  '3': [-22, 3.5],
  '4': [-18, 19],
  '5': [11, 17],
};
const PIN_SPOT: XY = [17.4, 8.4];
const pin = (...actions: Drawn[]): Board => ({
  places: PIN,
  frames: [[hold('1', 1), screen('5', '2', PIN_SPOT), ...actions], [hold('1')]],
});
const PINS = {
  straight: pin(cut('2', [19.6, 9.6, 16.5, 18.5])),
  curl: pin(cut('2', [19.3, 10, 15.2, 10.4, 3, 6.5])),
  fade: pin(cut('2', [20.5, 9.4, 23, 4.5])),
  back: pin(cut('2', [12, 3.2, 2.5, 5.5], { cue: { on: 'screen', event: 'end' } })),
  slip: {
    places: PIN,
    frames: [
      [
        hold('1', 1),
        screen('5', '2', PIN_SPOT, { slip: true }),
        cut('2', [19.6, 9.6, 16.5, 18.5]),
        cut('5', [3, 6.5], { cue: { on: 'screen', event: 'end' } }),
      ],
      [hold('1')],
    ],
  } as Board,
};
const pinned = (s: Shake, which: keyof typeof PINS, offBall: OffBall, help: Help = 'none') => {
  const d = defend(PINS[which], { offBall, help }, s);
  const player = which === 'slip' ? 4 : 1;
  const from = d.rails.timeline.moves[which === 'slip' ? '5' : '2'].find(
    (m) => m.action.does === 'cut',
  )!.start;
  return {
    worth: worth(d, player, from, from + 2.5),
    catch: most(values(d, player, from + 0.5, from + 2.5).map((o) => o.atCatch)),
  };
};
const pinDowns: Fact[] = [
  {
    key: 'c-trail',
    words:
      'Against a man who trails, the curl is open: more than the straight cut, more than against one who goes under',
    reported: 49 / 60,
    measure: (s) => {
      const curl = pinned(s, 'curl', 'trail').worth;
      const straight = pinned(s, 'straight', 'trail').worth;
      const under = pinned(s, 'curl', 'under').worth;
      return { holds: curl > straight + 0.08 && curl > under + 0.08, figures: { curl, straight, under } };
    },
  },
  {
    key: 'c-under',
    words: 'Against a man who shoots the gap, the fade is open',
    reported: 58 / 60,
    measure: (s) => {
      const fade = pinned(s, 'fade', 'under').catch;
      const trailed = pinned(s, 'fade', 'trail').catch;
      return { holds: fade >= 4 && fade > trailed + 1.5, figures: { fade, trailed } };
    },
  },
  {
    key: 'c-switch',
    words: 'Against an off-ball switch the slip is the best of straight, curl, fade and slip',
    reported: 55 / 60,
    measure: (s) => {
      const slip = pinned(s, 'slip', 'switch').worth;
      const best = most((['straight', 'curl', 'fade'] as const).map((w) => pinned(s, w, 'switch').worth));
      return { holds: slip > best + 0.08, figures: { slip, best } };
    },
  },
  {
    key: 'c-topLock',
    words: 'Against a top-lock the back cut is open and the straight cut is not',
    reported: 1,
    measure: (s) => {
      const back = pinned(s, 'back', 'topLock').worth;
      const straight = pinned(s, 'straight', 'topLock').worth;
      return { holds: back > straight + 0.1, figures: { back, straight } };
    },
  },
];

// d: a back screen for 3 at the right wing, the ball at the left slot.
const BACK: Board['places'] = {
  '1': [-7, 26],
  '2': [-22, 3.5],
  '3': [18.5, 18.5],
  '4': [-19, 17],
  '5': [9, 9.5],
};
const BACK_SPOT: XY = [11.2, 14.4];
const backCut = (more: object = {}): Drawn => cut('3', [13, 12.2, 2.5, 6], more);
const BACK_SCREEN: Board = {
  places: BACK,
  frames: [[hold('1', 1), screen('5', '3', BACK_SPOT, { back: true }), backCut()], [hold('1')]],
};
const NO_SCREEN: Board = {
  places: BACK,
  frames: [[hold('1', 1), backCut({ cue: { on: 'frame', delay: 1 } })], [hold('1')]],
};
const LATE_SCREEN: Board = {
  places: BACK,
  frames: [
    [
      hold('1', 1),
      act({ ...screen('5', '3', BACK_SPOT, { back: true }), cue: { on: 'frame', delay: 2.5 } }),
      backCut({ cue: { on: 'frame', delay: 1 } }),
    ],
    [hold('1')],
  ],
};
const POP: Board = {
  places: BACK,
  frames: [
    [hold('1', 1), screen('5', '3', BACK_SPOT, { back: true }), backCut(), cut('5', [17, 18.6])],
    [hold('1')],
  ],
};
const WATCHES = Uint8Array.from([0, 0, 1, 0, 0]);
const cutter = (s: Shake, b: Board, p: Partial<ManPlan>): number => {
  const d = defend(b, { watches: WATCHES, help: 'none', ...p }, s);
  const from = d.rails.timeline.moves['3'][0]!.start;
  return worth(d, 2, from + 0.4, from + 2.2);
};
const backScreens: Fact[] = [
  {
    key: 'd-watcher',
    words: 'A back screen on a man who watches the ball gives a layup',
    reported: 1,
    measure: (s) => {
      const screened = cutter(s, BACK_SCREEN, { offBall: 'stay' });
      const without = cutter(s, NO_SCREEN, { offBall: 'stay' });
      return { holds: screened > without + 0.15 && screened >= 1, figures: { screened, without } };
    },
  },
  {
    key: 'd-bump',
    words: "When the screener's man helps on the cutter, the screener who pops is open",
    reported: 57 / 60,
    measure: (s) => {
      const helped = defend(POP, { watches: WATCHES, offBall: 'bump' }, s);
      const stays = defend(POP, { watches: WATCHES, offBall: 'stay' }, s);
      const u = useOf(helped);
      const pop = worth(helped, 4, u, u + 2.2);
      const held = worth(stays, 4, u, u + 2.2);
      const cut = cutter(s, POP, { offBall: 'bump' });
      return { holds: pop > held + 0.1 && pop > cut, figures: { pop, held, cut } };
    },
  },
  {
    key: 'd-late',
    words: 'A screen that comes late does little',
    reported: 59 / 60,
    measure: (s) => {
      const late = cutter(s, LATE_SCREEN, { offBall: 'stay' });
      const without = cutter(s, NO_SCREEN, { offBall: 'stay' });
      const inTime = cutter(s, BACK_SCREEN, { offBall: 'stay' });
      return { holds: late < inTime - 0.1 && late < without + 0.15, figures: { late, without, inTime } };
    },
  },
];

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
const drives: Fact[] = [
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
const emptySide: Fact = {
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
const stackFact: Fact = {
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
const handoffs: Fact[] = [
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

// i, j: passes across and into the post.
const ACROSS: Board = {
  places: { '1': [-17, 19], '2': [-8, 8], '3': [17.5, 14], '4': [22, 3.5], '5': [4, 8] },
  frames: [[hold('1', 1)]],
};
const FROM_LANE: Board = { ...ACROSS, places: { ...ACROSS.places, '1': [-6.5, 21] } };
const POST: Board = {
  places: { '1': [19, 16], '2': [4, 26.5], '3': [-21, 6], '4': [-12, 22], '5': [8, 8] },
  frames: [[hold('1', 1)]],
};
const WING: Board = {
  places: { '1': [8, 26], '2': [20, 16], '3': [-21, 6], '4': [-16, 21], '5': [-7, 9] },
  frames: [[hold('1', 1)]],
};
const risk = (s: Shake, b: Board, player: number): number => {
  const d = defend(b, { help: 'weakCorner' }, s);
  return opennessAt(d, 30, player).risk;
};
const passes: Fact[] = [
  {
    key: 'i-across',
    words: 'A cross-court pass of 35 ft is a risk that one from the lane line is not',
    reported: 1,
    measure: (s) => {
      const far = risk(s, ACROSS, 2);
      const near = risk(s, FROM_LANE, 2);
      return { holds: far > near + 0.3, figures: { far, near } };
    },
  },
  {
    key: 'j-deny',
    words: 'A man who denies closes the wing entry',
    reported: 1,
    measure: (s) => {
      const denied = opennessAt(defend(WING, { denies: Uint8Array.from([0, 1, 0, 0, 0]) }, s), 30, 1).margin;
      const gap = opennessAt(defend(WING, {}, s), 30, 1).margin;
      return { holds: denied < 0 && gap >= 0, figures: { denied, gap } };
    },
  },
  {
    key: 'j-front',
    words: 'A fronted post is not fed directly; one played from behind is',
    reported: 1,
    measure: (s) => {
      const margin = (post: ManPlan['post']): number =>
        opennessAt(defend(POST, { post, help: 'weakCorner' }, s), 30, 4).margin;
      const front = margin('front');
      const behind = margin('behind');
      return { holds: front < 0.1 && behind >= 0.1, figures: { front, behind } };
    },
  },
];

// k: as on top, a step further out.
const TURN: Board = {
  places: { ...TOP, '1': [0, 27.4] },
  frames: [[screen('5', '1', ON_TOP), drib('1', [-2.6, 27.4, -6, 17]), roll], [hold('1')]],
};
const blocks: Fact[] = (['push', 'level'] as const).map((c) => ({
  key: `k-${c}`,
  words:
    c === 'push'
      ? 'Pushing to the side stops the dribble to the middle'
      : 'A big at the level stops the dribble round the corner',
  reported: c === 'push' ? 1 : 53 / 60,
  measure: (s) => {
    const at = (onBall: OnBall): number => {
      const d = defend(TURN, plan(onBall), s);
      return blockedFor(d, 0, 0, d.rails.timeline.end);
    };
    const stopped = at(c);
    const drop = at('drop');
    return { holds: stopped >= 0.2 && stopped > drop, figures: { stopped, drop } };
  },
}));

export const FACTS: readonly Fact[] = [
  ...ballScreen,
  ...helps,
  ...pinDowns,
  ...backScreens,
  ...drives,
  emptySide,
  stackFact,
  ...handoffs,
  ...passes,
  ...blocks,
];
