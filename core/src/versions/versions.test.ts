import { describe, expect, it } from 'vitest';
import { mirrored, ON_TOP, playWith, ROLL, SLIP } from '../answers/plays.test-data.ts';
import { whole } from '../answers/whole.ts';
import { courtFor } from '../court/rulesets.ts';
import { distanceToRim } from '../court/queries.ts';
import { levelRecord } from '../motion/level.ts';
import type { Defence, Play } from '../play/document.ts';
import { edit, editAll } from '../play/edit.ts';
import { pathOf } from '../play/state.ts';
import { differences } from './differences.ts';
import { isWorthIt, versionChanges, versionOf } from './version.ts';

const ZONE: Defence = { id: 'd1', name: '2-3', type: 'zone', zone: '2-3' };
const MAN: Defence = { id: 'd1', name: 'Drop', type: 'man', onBall: 'drop' };
/** A ball screen with a roll, a man at the right wing, and an ending for a switch. */
const BOARD = { ...ROLL, places: { ...ON_TOP, '2': [17, 18] as [number, number] } };
const play = (board = BOARD): Play => playWith(board, [{ read: { does: 'switch' }, actions: SLIP }]);
const changes = (p: Play, d: Defence) => whole(versionChanges(p, courtFor(p), levelRecord(p.level), d));
const made = (p: Play, d: Defence): Play => {
  const r = versionOf(p, d, changes(p, d), 'other');
  if (!r.ok) throw new Error(r.sentence);
  return r.play;
};
const screenOf = (p: Play) => p.frames[0]!.actions.find((a) => a.does === 'screen')!;
const rollOf = (p: Play) => pathOf(p.frames[0]!.actions.find((a) => a.does === 'cut')!).at(-1)!;

describe('a play against a zone (common practice)', () => {
  it('screens one of its men, rolls to the block, spaces in the corner, and leaves out what answers a coverage', () => {
    const keys = changes(play(), ZONE).map((c) => c.says.key);
    expect(keys).toEqual(['version-corner', 'version-screen', 'version-block', 'version-ending']);
    const version = made(play(), ZONE);
    expect(screenOf(version)).toMatchObject({ kind: 'zone' });
    // The screen on top is on one of the two on top.
    expect(['x1', 'x2']).toContain((screenOf(version) as { on?: string }).on);
    expect(rollOf(version)).toMatchObject({ x: 7, y: 7 });
    expect(version.start.places['2'].spot).toBe('cornerR');
    expect(version.frames).toHaveLength(1);
    expect(version).toMatchObject({
      id: 'other',
      against: ['2-3'],
      variantOf: { play: play().id, kind: 'zone' },
      defences: [ZONE],
    });
  });
  it('is the same from the other side', () => {
    const version = made(play(mirrored(BOARD) as typeof BOARD), ZONE);
    expect(rollOf(version)).toMatchObject({ x: -7, y: 7 });
    expect(version.start.places['2'].spot).toBe('cornerL');
  });
  it('a change is told with what its man has without it and with it, and taken when it costs nothing', () => {
    for (const c of changes(play(), ZONE)) {
      expect(c.worth).toBeGreaterThanOrEqual(0);
      expect(isWorthIt(c)).toBe(c.worth > c.without - 0.1);
    }
  });
  it('nobody goes to a corner that is taken, and who has something to do stays', () => {
    const full = {
      ...BOARD,
      places: { ...BOARD.places, '3': [21.5, 4] as [number, number], '4': [-21.5, 4] as [number, number] },
    };
    expect(changes(play(full), ZONE).map((c) => c.says.key)).not.toContain('version-corner');
  });
});

describe('and back', () => {
  it('the man-to-man version of it screens his man and rolls to the rim again', () => {
    const again = made(made(play(), ZONE), MAN);
    expect(screenOf(again)).not.toHaveProperty('on');
    const court = courtFor(again);
    expect(distanceToRim(court, rollOf(again))).toBeLessThan(3);
    expect(again.variantOf).toMatchObject({ play: 'other', kind: 'man' });
  });
  it('what is otherwise is told frame by frame, and taken back one by one until nothing is', () => {
    const original = play();
    let version = made(original, ZONE);
    const told = differences(original, version).map((d) => d.says.key);
    expect(told.sort()).toEqual(['diff-action', 'diff-action', 'diff-frame-gone', 'diff-place']);
    for (let d = differences(original, version)[0]; d; d = differences(original, version)[0]) {
      const back = editAll(version, d.back);
      if (!back.ok) throw new Error(back.sentence);
      const before = differences(original, version).length;
      version = back.play;
      // A frame that comes back has ids of its own.
      if (d.says.key === 'diff-frame-gone') break;
      expect(differences(original, version).length).toBe(before - 1);
    }
    expect(version.start).toEqual(original.start);
    expect(version.frames).toHaveLength(original.frames.length);
    expect(differences(original, original)).toEqual([]);
    expect(differences(original, (edit(original, { do: 'name', name: 'x' }) as { play: Play }).play)).toEqual(
      [],
    );
  });
});
