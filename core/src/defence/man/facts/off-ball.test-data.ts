import {
  type Drawn,
  type Fact,
  act,
  cut,
  hold,
  most,
  screen,
  useOf,
  values,
  worth,
} from './measure.test-data.ts';
import { type Board, type Shake, type XY, defend } from '../../board.test-data.ts';
import { type Help, type ManPlan, type OffBall } from '../../plan.ts';

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
export const pinDowns: Fact[] = [
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
export const backScreens: Fact[] = [
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
