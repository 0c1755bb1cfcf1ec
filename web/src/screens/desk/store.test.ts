import { holderOf, newPlay, stateAt, type NewAction } from '@corkscrew/core';
import { beforeEach, describe, expect, it } from 'vitest';
import {
  addFrame,
  apply,
  follow,
  goToFrame,
  keptBy,
  frameEnding,
  lineView,
  nameRead,
  nextFrame,
  openOnDesk,
  redo,
  replacePlay,
  startAnswer,
  startSetting,
  stopSetting,
  stepFrame,
  undo,
  useDesk,
} from './store.ts';

const desk = useDesk.getState;
const fresh = () =>
  newPlay({ id: 'x', name: 'Lantern', court: 'nfhs', level: 'pro', alignment: 'horns', ball: '1' });
const act = (action: NewAction) => apply({ do: 'addAction', frame: desk().frameId, action });
const PASS: NewAction = { by: '1', does: 'pass', to: '4' };

beforeEach(() => {
  keptBy(null);
  openOnDesk(fresh(), 0, { is: 'saved', at: '10:00' });
});

describe('opening', () => {
  it('a play nobody moves in yet opens for placing; one with actions does not', () => {
    expect(desk().placing).toBe(true);
    act(PASS);
    openOnDesk(desk().play, 3, { is: 'saved', at: '10:01' });
    expect(desk()).toMatchObject({ placing: false, revision: 3, past: [], frameId: 'f1' });
  });
});

describe('changes', () => {
  it('one change is one step back and one forth', () => {
    act(PASS);
    const drawn = desk().play;
    undo();
    expect(desk().play.frames[0]!.actions).toEqual([]);
    redo();
    expect(desk().play).toBe(drawn);
    redo();
    expect(desk().play).toBe(drawn);
  });
  it('several changes at once are one step; the first refusal stops all of them', () => {
    apply([
      { do: 'name', name: 'One' },
      { do: 'call', word: 'Two' },
    ]);
    undo();
    expect(desk().play.name).toBe('Lantern');
    const before = desk().play;
    expect(
      apply([
        { do: 'name', name: 'Kept' },
        { do: 'name', name: 'x'.repeat(99) },
      ]),
    ).toBe(false);
    expect(desk().play).toBe(before);
    expect(desk().notice).toBe('A name has at most 80 characters.');
  });
  it('a new change ends what could be done again', () => {
    act(PASS);
    undo();
    apply({ do: 'name', name: 'Other' });
    expect(desk().future).toEqual([]);
  });
  it('undo without a limit: two hundred steps back to the start', () => {
    const start = desk().play;
    for (let i = 0; i < 200; i++) apply({ do: 'name', name: `Name ${i}` });
    for (let i = 0; i < 200; i++) undo();
    expect(desk().play).toBe(start);
  });
  it('whoever keeps the play is told of every step, and how to do a change again on another document', () => {
    const told: [string, string | undefined, string | undefined][] = [];
    keptBy({
      isMine: true,
      edited: (play, meant, move) => told.push([play.name, meant(other)?.name, move ?? undefined]),
      whenMine: (then) => then(),
    });
    const other = { ...fresh(), name: 'Elsewhere', notes: 'of another tab' };
    apply({ do: 'name', name: 'A' });
    undo();
    redo();
    replacePlay({ ...fresh(), name: 'B' });
    expect(told).toEqual([
      ['A', 'A', undefined],
      ['Lantern', 'Lantern', 'undid'],
      ['A', 'A', 'redid'],
      ['B', 'B', undefined],
    ]);
  });
  it('a step back waits until this tab has the play in hand; what another tab does can be undone here', () => {
    const later: (() => void)[] = [];
    const keeper = {
      isMine: false,
      edited: () => undefined,
      whenMine: (then: () => void) => void later.push(then),
    };
    keptBy(keeper);
    const start = desk().play;
    follow({ ...fresh(), name: 'Done there' }, 'did');
    undo();
    expect(desk().play.name).toBe('Done there');
    keeper.isMine = true;
    for (const then of later) then();
    expect(desk().play).toBe(start);
    follow({ ...fresh(), name: 'Done there' }, 'redid');
    follow(start, 'undid');
    expect(desk()).toMatchObject({ play: { name: 'Lantern' }, past: [], future: [{ name: 'Done there' }] });
  });
  it('a whole other document is one step back as well', () => {
    const mine = desk().play;
    replacePlay({ ...fresh(), name: 'Theirs' });
    expect(desk().play.name).toBe('Theirs');
    undo();
    expect(desk().play).toBe(mine);
  });
});

describe('frames', () => {
  const two = () => {
    act(PASS);
    addFrame();
    act({ by: '4', does: 'shot' });
  };
  it('the next frame starts where this one ended, and is on the court', () => {
    two();
    expect(desk()).toMatchObject({ frameId: 'f2', branch: 'f2' });
    expect(holderOf(stateAt(desk().play, 'f2'))).toBe('4');
    goToFrame('f1');
    nextFrame();
    expect(desk().frameId).toBe('f2');
    expect(desk().play.frames).toHaveLength(2);
    nextFrame();
    expect(desk().play.frames).toHaveLength(3);
    // A frame in which nobody moves is not followed by another.
    nextFrame();
    expect(desk().play.frames).toHaveLength(3);
    expect(desk().notice).toBe('Frame 4 opens when somebody moves.');
  });
  it('the last frame is answered as well, and so is the set; endings are gone through in turn', () => {
    act(PASS);
    startAnswer();
    nameRead({ does: 'drop', who: ['x5'] });
    expect(desk().play.frames[1]).toMatchObject({ parent: 'f1', read: { does: 'drop', who: ['x5'] } });
    goToFrame('f1');
    useDesk.setState({ answering: { is: 'new', after: null } });
    nameRead({ does: 'own', note: 'They deny everything' });
    expect(desk().play.frames.find((f) => f.id === 'f3')).toMatchObject({
      parent: null,
      read: { note: 'They deny everything' },
    });
    expect(desk().frameId).toBe('f3');
    expect(frameEnding(1)).toBe(true);
    expect(desk().frameId).toBe('f1');
    frameEnding(-1);
    expect(desk().frameId).toBe('f3');
  });
  it('what they do is said otherwise later on', () => {
    two();
    goToFrame('f1');
    startAnswer();
    nameRead({ does: 'switch' });
    useDesk.setState({ answering: { is: 'named', frame: 'f3' } });
    nameRead({ does: 'trap', who: ['x1'] });
    expect(desk().play.frames).toHaveLength(3);
    expect(desk().play.frames[2]!.read).toEqual({ does: 'trap', who: ['x1'] });
  });
  it('the set is moved at any time: the court shows it, and elsewhere nobody is set', () => {
    two();
    startSetting();
    expect(desk()).toMatchObject({ frameId: 'f1', placing: true });
    apply({ do: 'place', player: '3', place: { x: 10, y: 10 } });
    expect(lineView(desk().play, 'f2', 'f2').walks[1]!.before.places['3']).toEqual({ x: 10, y: 10 });
    goToFrame('f2');
    expect(desk().placing).toBe(false);
    startSetting();
    stopSetting();
    expect(desk()).toMatchObject({ frameId: 'f1', placing: false });
  });
  it('stepping stops at both ends', () => {
    two();
    stepFrame(9);
    expect(desk().frameId).toBe('f2');
    stepFrame(-9);
    expect(desk().frameId).toBe('f1');
  });
  it('another answer opens beside, and its ending is the one shown; going back to a frame keeps the ending', () => {
    two();
    goToFrame('f1');
    startAnswer();
    nameRead({ does: 'switch' });
    expect(desk()).toMatchObject({ frameId: 'f3', branch: 'f3', answering: null });
    expect(desk().play.frames[2]!.read).toEqual({ does: 'switch' });
    goToFrame('f1');
    expect(desk().branch).toBe('f3');
    expect(lineView(desk().play, 'f3', 'f1').line.map((f) => f.id)).toEqual(['f1', 'f3']);
    goToFrame('f2');
    expect(desk().branch).toBe('f2');
  });
  it('a frame deleted while it runs stops the run and leaves the one before it on the court', () => {
    two();
    useDesk.setState({ running: true, time: 1.2 });
    apply({ do: 'removeFrame', id: 'f2' });
    expect(desk()).toMatchObject({ frameId: 'f1', branch: 'f1', running: false, time: null });
  });
  it('undoing the frame one stands in falls back to the one before it', () => {
    act(PASS);
    addFrame();
    undo();
    expect(desk()).toMatchObject({ frameId: 'f1', branch: 'f1' });
  });
  it('an action chosen stays chosen until it is gone', () => {
    act(PASS);
    useDesk.setState({ actionId: 'a1' });
    apply({ do: 'name', name: 'Other' });
    expect(desk().actionId).toBe('a1');
    apply({ do: 'removeAction', id: 'a1' });
    expect(desk().actionId).toBeNull();
  });
  it('the walk of a line is computed once for a document', () => {
    two();
    const { play, branch } = desk();
    expect(lineView(play, branch, 'f1').walks).toBe(lineView(play, branch, 'f2').walks);
  });
});
