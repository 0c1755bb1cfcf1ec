import { describe, expect, it } from 'vitest';
import type { Action, Defence, Frame, Play } from '../play/document.ts';
import { parseScript } from './parse.ts';
import { printScript } from './print.ts';

const HEAD = 'set horns, ball 1\n1:\n1 passes to 4\n5 screens for 3 at (14, 14)\n2:\n';
const frames = (text: string): Frame[] => {
  const p = parseScript(`${HEAD}${text}`);
  if (!p.ok) throw new Error(p.faults.map((f) => f.sentence).join('\n'));
  return p.play.frames;
};
const action = (line: string): Action => frames(line)[1]!.actions[0]!;
const head = (text: string): Play => {
  const p = parseScript(`${text}\nset horns, ball 1\n1:\n1 holds`);
  if (!p.ok) throw new Error(p.faults.map((f) => f.sentence).join('\n'));
  return p.play;
};

describe('an action, as it may be written', () => {
  it.each([
    ['1 Passes 4', { does: 'pass', to: '4' }],
    ['1 skips to 5', { does: 'pass', kind: 'skip', to: '5' }],
    ['4 hands off to 1, note "low"', { does: 'handoff', to: '1', note: 'low' }],
    ['3 cuts to rim', { does: 'cut' }],
    ['3 cuts to the rim, as basket cut', { does: 'cut', kind: 'basket' }],
    ['3 cuts back door to rim', { does: 'cut', kind: 'back' }],
    ['3 cuts near nail, facing -90', { does: 'cut', facing: -90 }],
    ['1 walks', null],
    [
      '2 lifts left wing, walk until 40%, sprint',
      { tempo: 'sprint', stretches: [{ to: 0.4, tempo: 'walk' }] },
    ],
    ['2 lifts via (1, 2)! then left slot to top, not behind the play', { kind: 'lift', background: false }],
    [
      '5 screens the ball for 1 at top, slipping it, on x2, back to 30, held 1.5 s',
      { kind: 'onBall', slip: true, on: 'x2', angle: 30, hold: 1.5 },
    ],
    ['5 back-screens for 1 top, called, seen from behind', { kind: 'back', called: true, back: true }],
    ['1 fakes the handoff to 4', { does: 'fake', of: 'handoff', to: '4' }],
    ['1 holds 2 seconds', { does: 'hold', seconds: 2 }],
    ['5 seals right block', { does: 'seal' }],
    ['1 shoots', { does: 'shot' }],
    ['1 shoots a three', { does: 'shot', kind: 'three' }],
    ['1 drives to rim, sprint', { does: 'dribble', kind: 'drive', tempo: 'sprint' }],
  ])('%s', (line, says) => {
    if (says === null) expect(() => action(line)).toThrow(/nothing anybody does/);
    else expect(action(line)).toMatchObject(says);
  });
  it.each([
    ['when 4 catches', { on: 'a1', event: 'catch' }],
    ['when 1 passes', { on: 'a1', event: 'release' }],
    ['when 5 is set', { on: 'a2', event: 'set' }],
    ['when 3 uses it', { on: 'a2', event: 'used' }],
    ['when 5 is 50% there', { on: 'a2', event: 'at', at: 0.5 }],
    ['when 5 passes right wing', { on: 'a2', event: 'at', place: { spot: 'wingR' } }],
    ['0.5 s after 4 catches', { on: 'a1', event: 'catch', delay: 0.5 }],
    ['0.3 s before 5 is set', { on: 'a2', event: 'set', delay: -0.3 }],
    ['on the frame', { on: 'frame' }],
    ['1 s after the frame', { on: 'frame', delay: 1 }],
    ['on the read', { on: 'read' }],
    ['when @1.2 set', { on: 'a2', event: 'set' }],
    ['when 4 catches and when 5 is set', { on: 'a1', and: [{ on: 'a2', event: 'set' }] }],
  ])('waits: %s', (cue, says) => expect(action(`2 cuts to rim, ${cue}`).cue).toMatchObject(says));
});

describe('reads, looks and ends', () => {
  it.each([
    ['x4 drops', { who: ['x4'], does: 'drop' }],
    ['they switch', { does: 'switch' }],
    ['x1 and x2 trap', { who: ['x1', 'x2'], does: 'trap' }],
    ['x3 goes under, at @1.2 used', { does: 'under', at: { action: 'a2', event: 'used' } }],
    ['they do something, note "x2 naps"', { does: 'own', note: 'x2 naps' }],
    ['they help from the weak corner, for @1.1', { does: 'weakCorner', look: 'a1' }],
  ])('if %s', (read, says) => {
    const all = frames(`1 holds\nif ${read}\n2:\n1 shoots`);
    expect(all[2]!.read).toMatchObject(says);
  });
  it('a look has its number, its man, what he does with it and on what', () => {
    const [, two] = frames(
      '4 holds\nlook 2: 3 gets it, after @1.1, into @1, note "pocket", if x5 shows\nthen the set flipped, "Pilot" ("p1")',
    );
    expect(two!.looks![0]).toMatchObject({
      order: 2,
      player: '3',
      kind: 'pass',
      after: 'a1',
      note: 'pocket',
      when: { does: 'show', who: ['x5'] },
    });
    expect(two!.looks![0]!.frame).toBe('f1');
    expect(two!.end).toEqual({ reset: 'flipped', play: { id: 'p1', name: 'Pilot' } });
  });
});

describe('the head of a play', () => {
  it('says what it is called, when, against whom, and where it came from', () => {
    expect(
      head(
        'play "Quay 4"\ncall "Quay", sign "Flat hand", figure palmUp\nseries "Quay"\noption "4"\nstatus candidate\norigin "A clinic", on "May"\nversion of "Pier" ("p"), level\ncounter to "Bell" ("b"), line "f3"\nagainst man, 2-3\nsituation lateclock, "our own"\nlevel college, women\nif nothing, a shot',
      ),
    ).toMatchObject({
      name: 'Quay 4',
      call: { word: 'Quay', signal: 'Flat hand', figure: 'palmUp' },
      ...{ series: 'Quay', option: '4', status: 'candidate', origin: { text: 'A clinic', on: 'May' } },
      variantOf: { play: 'p', name: 'Pier', kind: 'level' },
      counterTo: [{ play: 'b', name: 'Bell', line: 'f3' }],
      ...{ against: ['man', '2-3'], situation: ['lateClock', 'our own'], level: 'college', women: true },
      ifNothing: { shot: true },
    });
  });
  it('says how it is defended', () => {
    const [d] = head(
      'defence "Ours" man, ball screens Show, help weakCorner, posts front, x2 denies, x3 watches, x1 guards 2, no help on drives, off the thrower',
    ).defences!;
    expect(d satisfies Defence | undefined).toMatchObject({
      ...{ name: 'Ours', type: 'man', onBall: 'show', help: 'weakCorner', post: 'front' },
      ...{ deny: ['x2'], watches: ['x3'], matchup: { x1: '2' }, driveHelp: false, offThrower: true },
    });
    expect(head('defence "Z" zone, zone 1-3-1, way cornerTrap').defences![0]).toMatchObject({
      zone: '1-3-1',
      schools: ['cornerTrap'],
    });
  });
  it('is printed so that it reads the same', () => {
    const play = head('play "A # b"\nnotes "two\\nlines “quoted” \\"so\\""\nagainst nothing');
    const again = parseScript(printScript(play), { base: play });
    expect(again.ok && again.play).toEqual(play);
    expect(play).toMatchObject({ name: 'A # b', against: [] });
  });
});
