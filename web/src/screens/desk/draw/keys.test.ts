import { newPlay, type Action, type Frame } from '@corkscrew/core';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { goToFrame, openOnDesk, useDesk } from '../store.ts';
import { timelineOf } from '../timeline.ts';

vi.stubGlobal('localStorage', {
  getItem: (k: string) => kept.get(k) ?? null,
  setItem: (k: string, v: string) => kept.set(k, v),
  removeItem: (k: string) => kept.delete(k),
});
// No clipboard of the device is here.
vi.stubGlobal('navigator', {});

const kept = new Map<string, string>();
const { deskKey } = await import('./keys.ts');
const { pasteText } = await import('./clipboard.ts');
const { usePreferences } = await import('../../../app/preferences.ts');

const desk = useDesk.getState;
const frame = (): Frame => desk().play.frames.find((f) => f.id === desk().frameId)!;
const actions = (): readonly Action[] => frame().actions;

/** Presses keys one after another: a sign is a key, "^S" is Shift and S, "Ctrl+z" is Ctrl and Z. */
const press = (...keys: string[]): void => {
  for (const k of keys) {
    const ctrl = k.startsWith('Ctrl+');
    const name = ctrl ? k.slice('Ctrl+'.length) : k;
    const shift = name.length > 1 && name.startsWith('^');
    const key = shift ? name.slice(1) : name;
    deskKey({
      key: shift && key.length === 1 ? key.toUpperCase() : key,
      shiftKey: shift,
      ctrlKey: ctrl,
      metaKey: false,
      altKey: false,
    });
  }
};
/** Types a word, a sign a key. */
const type = (word: string): void => press(...word);

beforeEach(() => {
  openOnDesk(newPlay({ id: 'x', name: 'x', court: 'nfhs', level: 'pro', alignment: 'horns', ball: '1' }), 0, {
    is: 'saved',
    at: '',
  });
  useDesk.setState({ placing: false });
});

describe('who, then verb, then where', () => {
  it('2 C rs Enter: 2 cuts to the right slot; the next man’s number draws it as well', () => {
    type('2crs');
    press('Enter');
    type('3clc4');
    expect(actions()).toMatchObject([
      { by: '2', does: 'cut', path: [{ spot: 'slotR' }] },
      { by: '3', does: 'cut', path: [{ spot: 'cornerL' }] },
    ]);
    expect(desk()).toMatchObject({ selected: '4', pending: null });
  });
  it('a spot’s code alone is his plain way there: a cut, or a dribble with the ball', () => {
    type('2rs1lw');
    press('Enter');
    expect(actions()).toMatchObject([
      { by: '2', does: 'cut', path: [{ spot: 'slotR' }] },
      { by: '1', does: 'dribble', path: [{ spot: 'wingL' }] },
    ]);
  });
  it('a verb after a place is what he does next', () => {
    type('1lwf2rsd');
    expect(actions()).toMatchObject([
      { does: 'dribble' },
      { by: '1', does: 'shot' },
      { by: '2', does: 'cut' },
    ]);
    expect(desk().pending?.verb).toBe('dribble');
  });
  it('several codes are the places he goes through; Backspace takes the last one back', () => {
    type('2crsrcre');
    press('Backspace', 'Enter');
    expect(desk().notice).toBeNull();
    expect(actions()).toMatchObject([{ path: [{ spot: 'slotR' }, { spot: 'cornerR' }] }]);
  });
  it('1 P 4 passes at once; 5 S 3 is a screen at his hip; 4 F shoots', () => {
    type('1p45s34f');
    expect(actions()).toMatchObject([
      { by: '1', does: 'pass', to: '4' },
      { by: '5', does: 'screen', for: '3' },
      { by: '4', does: 'shot' },
    ]);
  });
  it('a handoff and a fake take a man by his number; a place verb goes to where a man stands', () => {
    type('1q41h22c3');
    press('Enter');
    expect(actions()).toMatchObject([
      { does: 'fake', of: 'pass', to: '4' },
      { does: 'handoff', to: '2' },
      { by: '2', does: 'cut' },
    ]);
    const { places } = desk().play.start;
    expect(actions()[2]).toMatchObject({ path: [{ x: places['3'].x, y: places['3'].y }] });
  });
  it('the arrows set an end point, a quarter metre a press, a metre with Shift', () => {
    const from = desk().play.start.places['2'];
    press('2', 'c', 'ArrowDown', '^ArrowRight', 'Enter');
    const [cut] = actions();
    expect(cut?.does === 'cut' && cut.path[0]).toEqual({
      x: expect.closeTo(from.x + 3.28, 1) as number,
      y: expect.closeTo(from.y + 0.82, 1) as number,
    });
  });
  it('on a court turned over the arrows follow the screen', () => {
    usePreferences.setState({ down: true });
    const from = desk().play.start.places['2'];
    press('2', 'c', 'ArrowUp', 'Enter');
    usePreferences.setState({ down: false });
    const [cut] = actions();
    expect(cut?.does === 'cut' && cut.path[0]!.y).toBeGreaterThan(from.y);
  });
  it('a wrong code, nobody named, or the place he stands on: a sentence, and the verb stays open', () => {
    type('2czq');
    expect(desk().notice).toBe('“zq” is no spot. G shows the codes.');
    press('Backspace', 'Backspace', 'Enter');
    expect(desk().notice).toBe('Where to? Type a spot’s code, like rs, or use the arrows.');
    type('lc');
    press('Enter');
    expect(desk().notice).toBe('2 is already there.');
    press('Escape', '1', 'p', 'Enter');
    expect(desk().notice).toBe('To whom? Press his number.');
    expect(actions()).toEqual([]);
  });
  it('what is not whole is let go when another man is taken', () => {
    type('2c5');
    press('Escape');
    type('2ch');
    type('4');
    expect(actions()).toEqual([]);
    expect(desk()).toMatchObject({ selected: '4', pending: null });
  });
  it('0 is whoever has the ball; Escape lets go', () => {
    type('1p40');
    expect(desk().selected).toBe('4');
    press('Escape');
    expect(desk().selected).toBeNull();
  });
  it('letters can be switched off; keys with Ctrl stay', () => {
    type('1p4');
    usePreferences.setState({ letters: false });
    type('5s3');
    expect(actions()).toHaveLength(1);
    press('Ctrl+z');
    usePreferences.setState({ letters: true });
    expect(actions()).toHaveLength(0);
  });
});

describe('waiting', () => {
  it('Shift T and a number: what is drawn waits for that man, by the usual moment', () => {
    type('5s12rs');
    press('^T', '5');
    expect(actions()[1]).toMatchObject({ by: '2', cue: { on: 'a1', event: 'set' } });
    type('1p4');
    type('3lc');
    press('Enter', 't', '1');
    expect(actions()[3]).toMatchObject({ by: '3', cue: { on: 'a3', event: 'release' } });
  });
  it('a dribble is waited for from its first bounce; who does nothing is told', () => {
    type('1lw2rs');
    press('^T', '1');
    expect(actions()[1]).toMatchObject({ cue: { on: 'a1', event: 'firstDribble' } });
    press('t', '4');
    expect(desk().notice).toBe('4 does nothing before it.');
    press('4', 't');
    expect(desk().notice).toBe('4 does nothing yet that could wait.');
  });
  it('any other key leaves it', () => {
    type('1lw2rs');
    press('^T', 'Escape');
    expect(desk().waiting).toBeNull();
    expect(actions()[1]!.cue).toBeUndefined();
  });
});

describe('the chosen action', () => {
  const chosen = () => actions().find((a) => a.id === desk().actionId)!;
  it('W goes through the tempos, arrows move its end, Delete takes it away', () => {
    type('2crs');
    press('Enter');
    useDesk.setState({ actionId: 'a1' });
    const seen = ['w', 'w', 'w', 'w'].map((k) => {
      press(k);
      const a = chosen();
      return a.does === 'cut' && a.tempo;
    });
    expect(seen).toEqual(['sprint', 'walk', 'jog', 'cut']);
    const end = () => {
      const a = chosen();
      return a.does === 'cut' ? a.path.at(-1)! : { x: NaN, y: NaN };
    };
    const { x } = end();
    press('ArrowRight');
    expect(end().x).toBeCloseTo(x + 0.82, 1);
    press('Delete');
    expect(actions()).toEqual([]);
  });
  it(', and . turn a screen by 15 degrees and come back', () => {
    type('5s3');
    press('Enter');
    useDesk.setState({ actionId: 'a1' });
    const angle = () => {
      const a = chosen();
      return a.does === 'screen' ? a.angle! : NaN;
    };
    press('.');
    const first = angle();
    press('.');
    expect((first - angle() + 360) % 360).toBe(15);
    press(',');
    expect(angle()).toBe(first);
  });
  it('neither does anything to an action that has no tempo, no angle and no end', () => {
    type('1p4');
    useDesk.setState({ actionId: 'a1' });
    const before = desk().play;
    press('w', '.', 'ArrowLeft');
    expect(desk().play).toBe(before);
  });
  it('is copied and pasted into another frame, without what it waited for; so is a frame', () => {
    type('2crs');
    press('Enter');
    useDesk.setState({ actionId: 'a1' });
    press('Ctrl+c', ']');
    // The browser tells what is on its clipboard in an event of its own: here what was copied by the app.
    pasteText('');
    expect(desk().frameId).toBe('f2');
    expect(actions()).toMatchObject([{ id: 'a2', by: '2', path: [{ spot: 'slotR' }] }]);
    press('Escape', 'Ctrl+c');
    pasteText('');
    expect(desk().frameId).toBe('f3');
    expect(actions()).toMatchObject([{ id: 'a3', by: '2' }]);
  });
  it('a frame is on the clipboard as it is written, and such a text is pasted behind the frame on the court', () => {
    type('2crs');
    press('Enter', 'Escape', 'Ctrl+c');
    const written = localStorage.getItem('corkscrew.copied.written')!;
    expect(written).toContain('1:\n  2 cuts to right slot');
    pasteText('# From somewhere else\n\n1: Theirs\n  3 cuts to rim, sprint\n');
    expect(desk().play.frames.map((f) => f.title)).toContain('Theirs');
    expect(actions()).toMatchObject([{ by: '3', tempo: 'sprint' }]);
    pasteText('1: Broken\n  3 flies');
    expect(desk().notice).toContain('Line 2 of what was pasted can’t be read');
  });
});

describe('setting the five', () => {
  beforeEach(() => useDesk.setState({ placing: true }));
  it('arrows move the man in hand, a code puts him on its spot, 0 and a number give the ball', () => {
    const from = desk().play.start.places['3'];
    press('3', 'ArrowLeft');
    expect(desk().play.start.places['3'].x).toBeCloseTo(from.x - 0.82, 1);
    type('3rw4p5t');
    press('Enter');
    type('04');
    expect(desk().play.start).toMatchObject({
      places: { '3': { spot: 'wingR' }, '4': { spot: 'point' }, '5': { spot: 'top' } },
      ball: '4',
    });
    expect(actions()).toEqual([]);
  });
  it('a code that begins another is a spot with Enter; Enter again is done', () => {
    type('2r');
    expect(desk().typed).toBe('r');
    press('Enter');
    expect(desk().play.start.places['2'].spot).toBe('rim');
    expect(desk().placing).toBe(true);
    press('Enter');
    expect(desk().placing).toBe(false);
  });
  it('1 P 4 is the first pass and ends the setting, for the man who has the ball', () => {
    type('1p4');
    expect(desk().placing).toBe(false);
    expect(actions()).toEqual([{ id: 'a1', by: '1', does: 'pass', to: '4' }]);
  });
  it('a letter that no spot begins with is the first verb', () => {
    type('3crs');
    press('Enter');
    expect(desk().placing).toBe(false);
    expect(actions()).toMatchObject([{ by: '3', does: 'cut' }]);
  });
});

describe('the whole desk', () => {
  it('[ and ] step through frames, ] and N open one at the end; Ctrl Z and Ctrl Shift Z undo and redo', () => {
    type('1p4]');
    expect(desk().frameId).toBe('f2');
    press('[');
    expect(desk().frameId).toBe('f1');
    press('n');
    expect(desk().frameId).toBe('f2');
    press('Ctrl+z');
    expect(desk().play.frames).toHaveLength(1);
    press('Ctrl+^z');
    expect(desk().play.frames).toHaveLength(2);
  });
  it('what is whole is drawn before the next frame opens', () => {
    type('2crs]');
    expect(desk().frameId).toBe('f2');
    expect(desk().play.frames[0]!.actions).toHaveLength(1);
  });
  it('Shift P presents, A asks what they do', () => {
    press('^P');
    expect(desk().presenting).toBe(true);
    type('1p4');
    press('Escape', 'a');
    expect(desk().answering).toEqual({ is: 'new', after: 'f1' });
  });
  it('J and L move through time by a tenth of a second and never leave the play', () => {
    type('1p4');
    press('Escape');
    goToFrame('f1');
    press('l', 'l');
    expect(desk().time).toBeCloseTo(0.2, 9);
    press('j', 'j', 'j');
    expect(desk().time).toBe(0);
    for (let i = 0; i < 100; i++) press('l');
    const { play, branch, frameId } = desk();
    expect(desk().time).toBe(timelineOf(play, branch, frameId).end);
  });
  it('while it runs, keys that draw do nothing; K stops it; a man’s number takes him in hand', () => {
    type('1p4');
    press('k');
    expect(desk().running).toBe(true);
    press('c', 'r', 's', 'Enter');
    expect(actions()).toHaveLength(1);
    press(' ');
    expect(desk().running).toBe(false);
    press('k', '2');
    expect(desk()).toMatchObject({ running: false, selected: '2', time: null });
  });
  it('O, G and B switch the last frame, the spots and the gaps', () => {
    const { showLast, showSpots, showGaps } = desk();
    press('o', 'g', 'b');
    expect(desk()).toMatchObject({ showLast: !showLast, showSpots: !showSpots, showGaps: !showGaps });
    press('o', 'g', 'b');
  });
});
