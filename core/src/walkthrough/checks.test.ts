import { describe, expect, it } from 'vitest';
import type { OwnTeaching } from './teaching.ts';
import type { PlayerId } from '../alignment/library.ts';
import { courtFor, RULE_SETS } from '../court/rulesets.ts';
import { spotPoint, type SpotKey } from '../court/spots.ts';
import type { Level, Play } from '../play/document.ts';
import type { Change, NewAction } from '../play/change.ts';
import { edit, editAll } from '../play/edit.ts';
import { playOf } from '../play/sample.test-data.ts';
import { mainLine } from '../play/tree.ts';
import type { Finding } from './finding.ts';
import { silencedBefore, walkThrough, type WalkOptions } from './walkthrough.ts';

const court = courtFor({ court: 'nfhs' });
const spot = (key: SpotKey) => ({ ...spotPoint(court, key), spot: key });
const put = (player: PlayerId, place: { x: number; y: number } | SpotKey): Change => ({
  do: 'place',
  player,
  place: typeof place === 'string' ? spot(place) : place,
});
const cut = (by: PlayerId, to: SpotKey | { x: number; y: number }, more: object = {}): NewAction =>
  ({ by, does: 'cut', path: [typeof to === 'string' ? spot(to) : to], ...more }) as NewAction;
const pass = (by: PlayerId, to: PlayerId, more: object = {}): NewAction =>
  ({ by, does: 'pass', to, ...more }) as NewAction;
const hold = (by: PlayerId, seconds: number, more: object = {}): NewAction =>
  ({ by, does: 'hold', seconds, ...more }) as NewAction;
const dribble = (by: PlayerId, to: SpotKey | { x: number; y: number }, more: object = {}): NewAction =>
  ({ by, does: 'dribble', path: [typeof to === 'string' ? spot(to) : to], ...more }) as NewAction;

const play = playOf;

const all = (p: Play, options?: WalkOptions) => walkThrough(p, mainLine(p), options);
const find = (p: Play, code: string, options?: WalkOptions): Finding | undefined =>
  all(p, options).find((f) => f.code === code);
/** The play after the first mend of a finding. */
function mended(p: Play, code: string): Play {
  const mend = find(p, code)?.mends[0];
  if (!mend) throw new Error(`no mend for ${code}`);
  const r = editAll(p, mend.changes);
  if (!r.ok) throw new Error(r.sentence);
  return r.play;
}

const PIN: NewAction = { by: '5', does: 'screen', for: '3', path: [{ x: 17, y: 14 }] };
const OFF: NewAction = {
  by: '3',
  does: 'cut',
  path: [
    { x: 17, y: 16.5 },
    { x: 4, y: 24 },
  ],
};

describe('the rules (rule books, from memory)', () => {
  it('three seconds in the lane, while the ball is in play; a man on the lane line is not in it', () => {
    const wait = (s: number) => play([[hold('1', s)]], [put('5', { x: 2, y: 8 })]);
    expect(find(wait(4), 'three-seconds')).toMatchObject({
      severity: 'illegal',
      players: ['5'],
      time: 3,
      sentence: '5 is in the lane for 4.0 s; three is the limit.',
    });
    expect(find(wait(2.9), 'three-seconds')).toBeUndefined();
    expect(find(play([[hold('1', 6)]]), 'three-seconds')).toBeUndefined();
  });
  it('three seconds do not run before a throw-in is released', () => {
    const p = play(
      [[pass('1', '2', { cue: { on: 'frame', delay: 4 } })]],
      [put('1', { x: 8, y: -3 }), { do: 'throwIn', from: 'baseline' }, put('5', { x: 2, y: 8 })],
    );
    expect(find(p, 'three-seconds')).toBeUndefined();
  });
  it('five seconds for a throw-in, and a cue that is too late is mended', () => {
    const p = (delay: number) =>
      play(
        [[pass('1', '2', { cue: { on: 'frame', delay } })]],
        [put('1', { x: 8, y: -3 }), { do: 'throwIn', from: 'baseline' }],
      );
    expect(find(p(5.2), 'throw-in-count')!.sentence).toMatch(
      /^1 throws in after 5\.\d s; five is the limit\.$/,
    );
    expect(find(p(4), 'throw-in-count')).toBeUndefined();
    expect(find(mended(p(5.2), 'throw-in-count'), 'throw-in-count')).toBeUndefined();
    const never = play([[hold('1', 6)]], [put('1', { x: 8, y: -3 }), { do: 'throwIn', from: 'baseline' }]);
    expect(find(never, 'throw-in-count')!.sentence).toBe('1 never throws the ball in.');
  });
  it('the shot clock of each rule set; a high school plays without', () => {
    const p = play([[hold('1', 27)], [{ by: '1', does: 'shot' }]]);
    for (const key of ['nfhs', 'ncaa', 'fiba', 'usPro'] as const) {
      const clock = RULE_SETS[key].shotClock?.full ?? Infinity;
      expect(find({ ...p, court: key }, 'shot-clock') !== undefined).toBe(clock < 27);
    }
  });
  it('a screen that still moves when it is used; one that is not there yet; both mended by a cue', () => {
    const at = (delay: number) =>
      play([[{ ...PIN, tempo: 'jog' } as NewAction, { ...OFF, cue: { on: 'frame', delay } } as NewAction]]);
    const late = [0, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8].find((d) => find(at(d), 'moving-screen'))!;
    const moving = find(at(late), 'moving-screen');
    expect(moving).toMatchObject({ severity: 'illegal', players: ['5', '3'] });
    expect(moving!.sentence).toMatch(
      /^5 still moves when 3 comes off him: the screen is set \d\.\d s late\.$/,
    );
    const early = play([
      [{ ...PIN, tempo: 'walk' } as NewAction, { ...OFF, cue: { on: 'frame' } } as NewAction],
    ]);
    expect(find(early, 'screen-late')!.severity).toBe('breaks');
    for (const [p, code] of [
      [at(late), 'moving-screen'],
      [early, 'screen-late'],
    ] as const) {
      const fixed = mended(p, code);
      expect(find(fixed, 'moving-screen') ?? find(fixed, 'screen-late')).toBeUndefined();
    }
  });
});

describe('the ball', () => {
  it('five seconds of holding is counted, dribbling and passing it on is not', () => {
    expect(find(play([[hold('1', 5.5)]]), 'idle-ball')).toMatchObject({ players: ['1'], time: 5 });
    expect(find(play([[hold('1', 4)], [pass('1', '4'), hold('4', 4)]]), 'idle-ball')).toBeUndefined();
    const handed = play(
      [[hold('1', 1)], [{ by: '1', does: 'handoff', to: '2' }], [hold('2', 6)]],
      [put('2', { x: 2, y: 28 })],
    );
    expect(find(handed, 'idle-ball')).toMatchObject({ players: ['2'] });
    expect(find(play([[dribble('1', 'slotR', { tempo: 'walk' })]]), 'idle-ball')).toBeUndefined();
  });
});

describe('cues', () => {
  it('one that can never happen breaks the play, one that is outlasted costs, one that fits is not told', () => {
    const lost = play([[cut('2', { x: -10, y: 20 }, { cue: { on: 'gone', event: 'end' } })]]);
    expect(find(lost, 'cues')).toMatchObject({ severity: 'breaks', players: ['2'], action: 'a1' });
    const held = play([
      [cut('2', { x: -21, y: 25 }, { tempo: 'walk' }), hold('3', 0.5)],
      [cut('2', { x: 0, y: 20 }, { cue: { on: 'a2', event: 'end' } })],
    ]);
    expect(find(held, 'cues')!.severity).toBe('costs');
    const fits = play([[hold('3', 0.5), cut('2', { x: 0, y: 20 }, { cue: { on: 'a1', event: 'end' } })]]);
    expect(find(fits, 'cues')).toBeUndefined();
  });
});

describe('screens (common practice)', () => {
  it('held until used', () => {
    const p = play([
      [
        PIN,
        { ...OFF, cue: { on: 'a1', event: 'set', delay: 1.5 } } as NewAction,
        cut('5', 'rim', { cue: { on: 'a1', event: 'set', delay: 0.1 } }),
      ],
    ]);
    expect(find(p, 'screen-left')!.sentence).toMatch(/^5 leaves his screen \d\.\d s before 3 comes by\.$/);
    expect(find(mended(p, 'screen-left'), 'screen-left')).toBeUndefined();
  });
  it('turned the wrong way, with the angle, and turned by the mend', () => {
    const p = play([[{ ...PIN, angle: 300 } as NewAction, OFF]]);
    const f = find(p, 'screen-angle')!;
    expect(f.sentence).toMatch(/^5's back is \d+° off the way 3 goes\.$/);
    expect(f.marks[0]).toMatchObject({ is: 'angle', from: -60 });
    expect(find(mended(p, 'screen-angle'), 'screen-angle')).toBeUndefined();
    expect(find(play([[PIN, OFF]]), 'screen-angle')).toBeUndefined();
  });
  it('passed wide, and not used at all', () => {
    const wide: NewAction = {
      by: '3',
      does: 'cut',
      path: [
        { x: 21, y: 16 },
        { x: 14, y: 24 },
      ],
    };
    expect(find(play([[PIN, wide]]), 'screen-wide')!.players).toEqual(['3', '5']);
    expect(find(play([[PIN, OFF]]), 'screen-wide')).toBeUndefined();
    expect(find(play([[PIN]]), 'screen-unused')!.sentence).toBe("Nobody uses 5's screen: 3 comes no nearer.");
    expect(find(play([[PIN, OFF]]), 'screen-unused')).toBeUndefined();
    expect(find(play([[PIN], [OFF]]), 'screen-unused')).toBeUndefined();
  });
});

describe('passes', () => {
  it('longer than is safe for the level (limits from memory)', () => {
    const p = play([[pass('1', '2')]], [put('1', 'wingR'), put('2', 'wingL')]);
    const at = (level: Level) => find({ ...p, level }, 'pass-long');
    expect(at('youth')).toBeDefined();
    expect(at('highSchool')!.sentence).toMatch(/^1's pass to 2 is 3\d ft.*; at this level 30 ft is safe\.$/);
    expect(at('pro')).toBeUndefined();
    expect(find(p, 'pass-long', { units: 'metres' })!.sentence).toContain('9.1 m is safe');
  });
  it('of a kind that is not thrown there: a lob far from the rim, a bounce too long, a pocket pass off no dribble', () => {
    const said = (kind: string, from: SpotKey, to: SpotKey, ...first: NewAction[]) =>
      find(
        play(
          [first, [pass('1', '2', { kind } as never)]].filter((f) => f.length > 0),
          [put('1', from), put('2', to)],
        ),
        'pass-kind',
      )?.sentence;
    expect(said('lob', 'slotL', 'slotR')).toMatch(
      /^1 lobs to 2 \d+ ft.* from the rim: a lob is for a man at the rim\.$/,
    );
    expect(said('lob', 'slotL', 'blockR')).toBeUndefined();
    expect(said('bounce', 'slotL', 'cornerR')).toMatch(/^1's bounce pass to 2 is \d+ ft.*: beyond 18 ft/);
    expect(said('bounce', 'slotL', 'slotR')).toBeUndefined();
    expect(said('pocket', 'slotR', 'elbowR')).toBe("1's pocket pass to 2 comes off no dribble.");
    expect(said('pocket', 'top', 'elbowR', dribble('1', 'slotR'))).toBeUndefined();
    expect(said('skip', 'slotR', 'elbowR')).toMatch(/^1's skip pass to 2 is \d ft.*: too near for one\.$/);
  });
  it('before its man, with the seconds, and mended by waiting for him', () => {
    const p = play([
      [
        cut('2', { x: -10, y: 20 }, { tempo: 'walk', cue: { on: 'frame' } }),
        pass('1', '2', { cue: { on: 'frame' } }),
      ],
    ]);
    const f = find(p, 'pass-early')!;
    expect(f.sentence).toMatch(/^The ball is there \d\.\d s before 2\.$/);
    expect(find(mended(p, 'pass-early'), 'pass-early')).toBeUndefined();
    const second = editAll(p, f.mends[1]!.changes);
    expect(second.ok && find(second.play, 'pass-early')).toBeUndefined();
  });
  it('long after its man, and mended by delaying his cut', () => {
    const p = play([[cut('2', { x: -10, y: 20 }, { tempo: 'sprint' }), hold('1', 4), pass('1', '2')]]);
    expect(find(p, 'pass-late')!.sentence).toMatch(/^2 waits \d\.\d s for the ball/);
    expect(find(mended(p, 'pass-late'), 'pass-late')).toBeUndefined();
  });
  it('into the post from above the key or from the other side; from the wing it is fine', () => {
    const from = (place: SpotKey) =>
      find(play([[pass('1', '5')]], [put('1', place), put('5', 'blockR')]), 'entry-angle')?.sentence;
    expect(from('top')).toContain('from above the key');
    expect(from('wingL')).toContain('from the other side');
    expect(from('wingR')).toBeUndefined();
  });
});

describe('spacing (common practice: 15 to 18 ft apart, crowded under 12)', () => {
  const apart = (feet: number) =>
    play(
      [[hold('1', 2)]],
      [
        put('2', { x: 22, y: 10 }),
        put('3', { x: 22, y: 10 + feet }),
        put('1', 'slotL'),
        put('4', 'blockL'),
        put('5', 'blockR'),
      ],
    );
  it('two within the limit, for a while, are told with the distance; the youngest may be nearer', () => {
    expect(find(apart(10.9), 'crowded')!.sentence).toBe('2 and 3 are 11 ft apart: one man guards both.');
    expect(find(apart(12.5), 'crowded')).toBeUndefined();
    expect(find({ ...apart(10.9), level: 'youth' }, 'crowded')).toBeUndefined();
    expect(find(apart(12.5), 'crowded', { teaching: { crowded: 14 } })).toBeDefined();
  });
  it('a cutter who ends too near is moved to the next free spot', () => {
    const p = play(
      [[cut('2', { x: 21.5, y: 12 })], [hold('1', 2)]],
      [put('3', 'cornerR'), put('4', 'blockL'), put('5', 'nail')],
    );
    const f = find(p, 'crowded')!;
    expect(f.players).toEqual(['2', '3']);
    expect(f.mends.length === 0 || f.mends[0]!.words.startsWith('Move')).toBe(true);
  });
  it('screens and handoffs bring two together on purpose', () => {
    const p = play([[{ by: '4', does: 'screen', for: '1', path: [{ x: 2, y: 25 }], hold: 3 }, hold('1', 3)]]);
    expect(find(p, 'crowded')).toBeUndefined();
  });
  it('a fake alone hides nothing: two who stand too near are told whatever one of them shows the other', () => {
    const near = (of: 'pass' | 'handoff', ...more: NewAction[]) =>
      play(
        [[{ by: '1', does: 'fake', of, to: '2' } as NewAction, ...more, hold('3', 2)], [hold('1', 2)]],
        [put('1', 'slotR'), put('2', { x: 14, y: 22 }), put('4', 'blockL'), put('5', 'blockR')],
      );
    expect(find(near('pass'), 'crowded')).toBeDefined();
    expect(find(near('handoff'), 'crowded')).toBeDefined();
    expect(find(near('handoff', cut('2', { x: 12, y: 25 })), 'crowded')).toBeUndefined();
  });
  it('a drive into a single gap, a double one, and an open side', () => {
    const drive = (mate: SpotKey | null) => {
      const p = play(
        [
          [
            dribble(
              '1',
              { x: 6, y: 6 },
              {
                path: [
                  { x: 12, y: 17 },
                  { x: 5, y: 6 },
                ],
              },
            ),
          ],
        ],
        [
          put('1', 'top'),
          put('3', mate ?? 'cornerL'),
          put('2', 'wingL'),
          put('4', 'blockL'),
          put('5', 'slotL'),
        ],
      );
      return find(p, 'drive-gap');
    };
    expect(drive('wingR')!.sentence).toMatch(/^1 drives right into a single gap: 3 is \d+ ft/);
    expect(drive('cornerR')).toBeUndefined();
    expect(drive(null)).toMatchObject({
      severity: 'know',
      sentence: '1 drives to an open side: no help stands there.',
    });
  });
  it('two in the lane while a teammate drives; one is fine', () => {
    const p = (second: SpotKey) =>
      play(
        [[dribble('1', { x: 3, y: 8 })]],
        [put('4', { x: -2, y: 10 }), put('5', second === 'nail' ? { x: 2, y: 14 } : second)],
      );
    expect(find(p('nail'), 'lane-crowded')!.sentence).toBe('4 and 5 are in the lane while 1 drives.');
    expect(find(p('wingR'), 'lane-crowded')).toBeUndefined();
  });
  it('a cutter who stays in the lane, or runs into the drive, is named with what he clogs', () => {
    const into = (path: { x: number; y: number }[], more: object = {}) =>
      play([[cut('2', path[0]!, { path, tempo: 'cut', ...more } as object)], [dribble('1', { x: 3, y: 8 })]]);
    expect(find(into([{ x: 2, y: 10 }]), 'lane-clogged')!.sentence).toBe(
      '2 stays in the lane while 1 drives: his man is in the way.',
    );
    expect(find(into([{ x: -20, y: 16 }]), 'lane-clogged')).toBeUndefined();
    const runs = play([
      [
        dribble('1', { x: 2, y: 7 }),
        cut('2', { x: 4, y: 14 }, {
          path: [
            { x: -3, y: 9 },
            { x: 4, y: 14 },
          ],
          tempo: 'sprint',
        } as object),
      ],
    ]);
    expect(find(runs, 'lane-clogged')?.sentence ?? '').toMatch(/^(2 runs into 1's drive and clogs it|$)/);
  });
  it('the corner who dives into the post’s side; on the other side, or to the ball, he may', () => {
    const dive = (post: { x: number; y: number }, more: NewAction[] = []) =>
      play([[cut('3', { x: 5, y: 6 }, { tempo: 'sprint' }), ...more]], [put('5', post)]);
    expect(find(dive({ x: 8, y: 8 }), 'post-side')!.sentence).toBe(
      "3 dives into 5's side: his man helps on 5.",
    );
    expect(find(dive({ x: -8, y: 8 }), 'post-side')).toBeUndefined();
    expect(find(dive({ x: 8, y: 8 }, [pass('1', '3')]), 'post-side')).toBeUndefined();
  });
  it('a neighbour who screened for the driver, or gave him the ball, is no help; one who stands there is', () => {
    const drive = (first: NewAction[]) =>
      play(
        [[...first, dribble('1', { x: 8, y: 8 })]],
        [put('5', { x: 14, y: 24 }), put('3', 'cornerR'), put('2', 'wingL'), put('4', 'blockL')],
      );
    expect(find(drive([]), 'drive-gap')!.players).toEqual(['1', '5']);
    // A zone guards places, not men: nothing is said of a play for zones.
    expect(find({ ...drive([]), against: ['2-3'] }, 'drive-gap')).toBeUndefined();
    expect(find({ ...drive([]), against: ['2-3', 'man'] }, 'drive-gap')).toBeDefined();
    const screened = drive([{ by: '5', does: 'screen', for: '1', path: [{ x: 4, y: 25.5 }] }]);
    expect(find(screened, 'drive-gap')?.players ?? []).not.toContain('5');
  });
  it('a corner that drifts into the drive', () => {
    const p = (moves: boolean) =>
      play([
        [dribble('1', { x: 6, y: 8 }), ...(moves ? [cut('3', { x: 21, y: 16 }, { tempo: 'jog' })] : [])],
      ]);
    expect(find(p(true), 'corner-drift')!.players).toEqual(['3', '1']);
    expect(find(p(false), 'corner-drift')).toBeUndefined();
  });
  it('everybody on one side', () => {
    const right: Change[] = [put('2', 'wingR'), put('4', 'blockR'), put('5', 'elbowR'), put('1', 'slotR')];
    expect(find(play([[pass('1', '2')]], right), 'overload')!.place.x).toBeGreaterThan(10);
    expect(find(play([[pass('1', '2')]], right.slice(1)), 'overload')).toBeUndefined();
  });
});

describe('jobs', () => {
  it('standing for longer than the team allows; a set screener has a job', () => {
    const p = play([[hold('1', 6.5)]]);
    const stand = (teaching: OwnTeaching) =>
      all(p, { teaching })
        .filter((f) => f.code === 'standing')
        .map((f) => f.players[0]);
    // Spacers hold their spots; where nobody is to stand, they are told as well.
    expect(stand({})).toEqual(['4', '5']);
    expect(stand({ spacing: 'move' })).toEqual(['2', '3', '4', '5']);
    expect(stand({ idle: 8, spacing: 'move' })).toEqual([]);
  });
  it('left out of four quick frames', () => {
    const quick = [[pass('1', '4')], [pass('4', '1')], [pass('1', '5')], [pass('5', '1')]];
    expect(find(play(quick), 'no-job')!.sentence).toBe('2 has nothing to do in frames 1 to 4.');
    expect(find(play(quick.slice(0, 3)), 'no-job')).toBeUndefined();
  });
});

describe('the shot', () => {
  const shoot = (place: { x: number; y: number }, rest: Change[] = []) =>
    play([[{ by: '1', does: 'shot' }]], [put('1', place), ...rest]);
  it('feet on the line, at every place of the arc; a step out or in is fine', () => {
    for (const angle of [0, 30, 60]) {
      const on = (feet: number) => {
        const a = (angle * Math.PI) / 180;
        const r = court.arcRadius + feet;
        return shoot({ x: r * Math.sin(a), y: court.rimY + r * Math.cos(a) });
      };
      expect(find(on(-0.3), 'feet-on-line')).toBeDefined();
      expect(find(on(1), 'feet-on-line')).toBeUndefined();
      expect(find(on(-3), 'feet-on-line')).toBeUndefined();
    }
  });
  it('is mended by catching a step farther out', () => {
    const p = play([[cut('2', { x: -16, y: 16.9 }), pass('1', '2')], [{ by: '2', does: 'shot' }]]);
    expect(find(p, 'feet-on-line')).toBeDefined();
    expect(find(mended(p, 'feet-on-line'), 'feet-on-line')).toBeUndefined();
  });
  it('counts who is near the boards and who is back, by what is taught (common practice: three and one)', () => {
    // He need not be there yet: who can be there when the ball comes off counts.
    const inside: Change[] = [put('3', { x: 6, y: 8 }), put('4', { x: -6, y: 8 }), put('5', { x: 0, y: 10 })];
    expect(find(shoot({ x: 0, y: 27 }, inside), 'rebounders')).toBeUndefined();
    const out: Change[] = [put('2', 'cornerL'), put('3', 'wingR'), put('4', 'wingL'), put('5', 'slotR')];
    expect(find(shoot({ x: 0, y: 27 }, out), 'rebounders')).toBeUndefined();
    const far: Change[] = out.map((c, i) =>
      c.do === 'place' ? { ...c, place: { x: 6 * i - 9, y: 33 } } : c,
    );
    expect(find(shoot({ x: 0, y: 27 }, far), 'rebounders')!.sentence).toMatch(
      /^(Nobody is|One man is) near the boards when the shot comes off; you send 3\.$/,
    );
    expect(
      find(shoot({ x: 0, y: 27 }, inside), 'rebounders', { teaching: { rebounders: 5 } })!.sentence,
    ).toMatch(/men are near the boards when the shot comes off; you send 5\.$/);
    const low = shoot({ x: 3, y: 7 }, [...inside, put('2', { x: -9, y: 4 })]);
    expect(find(low, 'rebounders')!.sentence).toBe('Nobody is back when the shot comes off.');
  });
  it('a long shot wants somebody at the foul line', () => {
    const corners: Change[] = [
      put('2', 'cornerL'),
      put('3', 'cornerR'),
      put('4', 'wingL'),
      put('5', 'wingR'),
    ];
    expect(find(shoot({ x: 0, y: 27 }, corners), 'long-rebound')).toBeDefined();
    expect(find(shoot({ x: 0, y: 27 }), 'long-rebound')).toBeUndefined();
  });
});

describe('against a zone (common practice)', () => {
  const zone = (p: Play): Play => ({ ...p, against: ['2-3'] });
  const round: NewAction[][] = [[pass('1', '2')], [pass('2', '1')], [pass('1', '3')]];
  it('the ball touches the middle; against man to man nobody asks', () => {
    const p = play(round, [], 'fiveOut');
    expect(find(zone(p), 'zone-middle')).toBeDefined();
    expect(find(p, 'zone-middle')).toBeUndefined();
    const through = play([[pass('1', '5')], [pass('5', '2')]], [put('5', 'nail')]);
    expect(find(zone(through), 'zone-middle')).toBeUndefined();
  });
  it('somebody inside, somebody behind, somebody moving', () => {
    const p = zone(
      play(
        [[hold('1', 3)], ...round],
        [put('3', 'wingR'), put('5', 'slotL'), put('4', 'wingL'), put('2', 'slotR')],
      ),
    );
    expect(all(p).map((f) => f.code)).toEqual(
      expect.arrayContaining(['zone-inside', 'zone-behind', 'zone-still']),
    );
    const moving = zone(
      play([
        [pass('1', '2'), cut('5', 'blockR')],
        [pass('2', '1'), cut('5', 'nail')],
        [pass('1', '3'), cut('4', 'shortL')],
      ]),
    );
    expect(find(moving, 'zone-still')).toBeUndefined();
    expect(find(moving, 'zone-inside')).toBeUndefined();
  });
  it('a dribble that does nothing', () => {
    expect(find(zone(play([[dribble('1', { x: 3, y: 27 })]])), 'zone-dribble')).toBeDefined();
    expect(find(zone(play([[dribble('1', 'wingR')]])), 'zone-dribble')).toBeUndefined();
    expect(find(zone(play([[dribble('1', 'nail')]])), 'zone-dribble')).toBeUndefined();
  });
});

describe('silencing', () => {
  const p = play([[hold('1', 4)]], [put('5', { x: 2, y: 8 })]);
  const f = find(p, 'three-seconds')!;
  const silence = (reason: string | null, from = p) => {
    const r = edit(from, { do: 'silence', code: f.code, at: f.cause, reason });
    if (!r.ok) throw new Error(r.sentence);
    return r.play;
  };
  it('keeps the reason, and is taken back', () => {
    expect(find(silence('He steps out'), 'three-seconds')!.silenced).toBe('He steps out');
    expect(find(silence(null, silence('He steps out')), 'three-seconds')!.silenced).toBeUndefined();
    expect(silence(null, silence('He steps out'))).toEqual(p);
  });
  it('speaks again when its cause changes, and stays silent when something else does', () => {
    const quiet = silence('He steps out');
    const longer = edit(quiet, { do: 'patchAction', id: 'a1', set: { seconds: 6 } });
    expect(longer.ok && find(longer.play, 'three-seconds')!.silenced).toBeUndefined();
    if (!longer.ok) throw new Error(longer.sentence);
    expect(silencedBefore(longer.play, all(longer.play)).map((s) => s.reason)).toEqual(['He steps out']);
    expect(silencedBefore(quiet, all(quiet))).toEqual([]);
    const named = edit(quiet, { do: 'name', name: 'Other' });
    expect(named.ok && find(named.play, 'three-seconds')!.silenced).toBe('He steps out');
  });
  it('a cause is none of its words: it is the same in other units, of women, and on any ending but a named one', () => {
    const line = mainLine(p);
    const women = edit(p, { do: 'level', level: p.level, women: true });
    const cause = (q: Play, options = {}) =>
      walkThrough(q, line, options).find((x) => x.code === 'three-seconds')!.cause;
    expect(cause(p, { units: 'metres' })).toBe(f.cause);
    expect(women.ok && cause(women.play)).toBe(f.cause);
    const only = {
      ...silence('He steps out'),
      silenced: [{ code: f.code, at: f.cause, reason: 'x', ending: 'f9' }],
    };
    expect(find(only, 'three-seconds')!.silenced).toBeUndefined();
  });
  it('the order of a document’s fields does not matter: storage may change it', () => {
    const q = play([[PIN]]);
    const [one] = all(q).filter((x) => x.code === 'screen-unused');
    const turned = {
      ...q,
      frames: q.frames.map((fr) => ({
        ...fr,
        actions: fr.actions.map((a) => Object.fromEntries(Object.entries(a).reverse())),
      })),
    } as unknown as Play;
    expect(find(turned, 'screen-unused')!.cause).toBe(one!.cause);
  });
  it('a reason too long is refused', () => {
    expect(edit(p, { do: 'silence', code: 'x', at: 'y', reason: 'z'.repeat(300) }).ok).toBe(false);
  });
});
