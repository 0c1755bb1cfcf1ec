import {
  compile,
  courtFor,
  newPlay,
  stepChase,
  throwTo,
  type Defence,
  type Play,
  type PlayerId,
} from '@corkscrew/core';
import { beforeEach, describe, expect, it, vi } from 'vitest';

vi.stubGlobal('addEventListener', () => undefined);
vi.stubGlobal('cancelAnimationFrame', () => undefined);
vi.stubGlobal('requestAnimationFrame', () => 1);
vi.stubGlobal('window', {
  setTimeout: () => 0,
  localStorage: { getItem: () => null, setItem: () => undefined, removeItem: () => undefined },
});
const { chasesIn, levelOf, NEAREST, placesOf, useRoom } = await import('./room.ts');
const { leaveRoom, goBackTo, pass, putAll, putBall, putPlayer, stopChase, takeMoment, useChase } =
  await import('./moves.ts');
const { besidePicture, movingPicture, restPicture } = await import('./picture.ts');
const { zoneMoment } = await import('../../app/to-zone.ts');

const room = useRoom.getState;
const court = courtFor({ court: 'nfhs' });
/** The chase that is on, so many seconds later. */
const later = (seconds: number) => {
  const { chase } = useChase.getState();
  for (let t = 0; t < seconds; t += 1 / 60) stepChase(chase!, 1 / 60);
  return chase!;
};

beforeEach(() => {
  stopChase();
  useRoom.setState({
    zone: '2-3',
    schools: [],
    chases: NEAREST,
    beside: null,
    set: 'overload',
    from: null,
    women: false,
  });
  putAll(placesOf(court, 'overload'));
});

describe('what the hand does in the zone room', () => {
  it('gives the ball to the man it is put down beside, and to nobody on bare floor', () => {
    const two = room().places[1]!;
    putBall({ x: two.x + 1, y: two.y });
    expect(room()).toMatchObject({ holder: 1, ball: two });
    putBall({ x: 0, y: 15 });
    expect(room()).toMatchObject({ holder: -1, ball: { x: 0, y: 15 } });
    // A man who is pressed then takes it, without a pass.
    pass(3);
    expect(room()).toMatchObject({ holder: 3, ball: room().places[3] });
    expect(useChase.getState().chase).toBeNull();
  });
  it('takes the ball along with the man who has it', () => {
    putPlayer(0, { x: 5, y: 26 });
    expect(room().ball).toEqual({ x: 5, y: 26 });
    putPlayer(1, { x: -20, y: 20 });
    expect(room().ball).toEqual({ x: 5, y: 26 });
  });
  it('chases a pass, and any moving of men or ball ends the chase where the ball went', () => {
    pass(1);
    expect(useChase.getState().chase!.chased).toHaveLength(1);
    later(0.1);
    expect(useChase.getState().chase!.holder).toBe(-1);
    putPlayer(4, { x: -10, y: 4 });
    expect(useChase.getState().chase).toBeNull();
    expect(room()).toMatchObject({ holder: 1, ball: room().places[1] });
  });
  it('looks back at a moment and, at the end, is in the present again', () => {
    pass(1);
    later(2);
    goBackTo(0.4);
    expect(useChase.getState().at).toBe(0.4);
    goBackTo(-3);
    expect(useChase.getState().at).toBe(0);
    goBackTo(99);
    expect(useChase.getState().at).toBeNull();
  });
  it('catches the ball when the room is left while it flies', () => {
    pass(2);
    later(0.1);
    leaveRoom();
    expect(useChase.getState().chase).toBeNull();
    expect(room().holder).toBe(2);
  });
});

describe('what is seen in it', () => {
  it('is the same at rest and at the start of a chase, and other while the zone runs', () => {
    const rest = restPicture(room(), '2-3');
    pass(1);
    const chase = later(0.9);
    const start = movingPicture(room(), chase, 0);
    expect([...start.floor.dx]).toEqual([...rest.floor.dx]);
    const now = movingPicture(room(), chase, chase.t);
    expect([...now.floor.dx]).not.toEqual([...rest.floor.dx]);
    expect(now.trails).toHaveLength(5);
    expect(now.trails[0]![0]).toEqual({ x: rest.floor.dx[0], y: rest.floor.dy[0] });
  });
  it('splits nobody while the ball is in the air: it can go to one man only', () => {
    pass(1);
    expect(movingPicture(room(), later(0.2), 0.2).split).toBeNull();
  });
  it('stands beside another zone against ours, or another set of ours with the ball nearest to where it is', () => {
    useRoom.setState({ beside: '1-3-1' });
    const zone = besidePicture(room())!;
    expect(zone).toMatchObject({ against: '2-3', name: '1-3-1' });
    expect([...zone.picture.floor.ox]).toEqual(room().places.map((p) => p.x));
    useRoom.setState({ beside: 'set:horns' });
    const set = besidePicture(room())!;
    expect(set).toMatchObject({ against: 'Zone overload', name: 'Horns' });
    expect(set.picture.floor.holder).toBe(0);
    useRoom.setState({ beside: null });
    expect(besidePicture(room())).toBeNull();
  });
});

describe('a chaser in the zone room', () => {
  it('chases whom he is told, else the nearest of the set, whoever is dragged about', () => {
    useRoom.setState({ zone: 'box-and-one' });
    const near = chasesIn(room(), 'box-and-one');
    expect([...near].filter((j) => j >= 0)).toHaveLength(1);
    putPlayer(near[4], { x: -22, y: 4 });
    expect(chasesIn(room(), 'box-and-one')).toEqual(near);
    useRoom.setState({ chases: ['', '', '', '', '3'] as (PlayerId | '')[] });
    expect(chasesIn(room(), 'box-and-one')[4]).toBe(2);
    // Another zone beside it is not told.
    expect([...chasesIn(room(), '2-3')]).toEqual([-1, -1, -1, -1, -1]);
  });
});

describe('a moment of a play', () => {
  const play: Play = {
    ...newPlay({ id: 'p', name: 'Moment', court: 'fiba', level: 'college', alignment: 'horns', ball: '1' }),
    frames: [
      {
        id: 'f1',
        parent: null,
        actions: [
          { id: 'a1', by: '1', does: 'pass', to: '4' },
          { id: 'a2', by: '2', does: 'cut', path: [{ x: -18, y: 20 }] },
          { id: 'a3', by: '4', does: 'hold', seconds: 2 },
        ],
      },
    ],
  };
  const { timeline } = compile(play, 'f1', courtFor(play), play.level);
  const zone: Defence = {
    id: 'd',
    name: 'z',
    type: 'zone',
    zone: '3-2',
    schools: ['none'],
    chases: { x1: '2' },
  };
  const defenders = [0, 1, 2, 3, 4].map((d) => ({ x: d * 3 - 6, y: 12 }));

  it('brings its men, ball, level, court and zone, with the defenders where they are', () => {
    const t = timeline.flights[0]!.arrive + 0.2;
    takeMoment(zoneMoment(play, timeline, t, zone, defenders, '?frame=f1'));
    expect(room()).toMatchObject({ court: 'fiba', level: 'college', zone: '3-2', holder: 3, set: '' });
    expect(room().from).toEqual({ id: 'p', name: 'Moment', t, at: '?frame=f1' });
    expect(room().ball).toEqual(room().places[3]);
    const { chase } = useChase.getState();
    expect([...movingPicture(room(), chase!, 0).floor.dx]).toEqual(defenders.map((p) => p.x));
    // The next pass goes on from there.
    expect(throwTo(chase!, 0, courtFor(play))).not.toBeNull();
  });
  it('has the zone at rest while the ball flies, and when nobody knows where its men are', () => {
    takeMoment(zoneMoment(play, timeline, timeline.flights[0]!.arrive - 0.05, zone, defenders));
    expect(room().holder).toBe(-1);
    expect(useChase.getState().chase).toBeNull();
    takeMoment(zoneMoment(play, timeline, timeline.flights[0]!.arrive + 0.2, zone, null));
    expect(useChase.getState().chase).toBeNull();
  });
  it('keeps the speeds of a women’s play', () => {
    takeMoment(zoneMoment({ ...play, women: true }, timeline, 0, zone, null));
    expect(levelOf(room()).zone.run).toBeLessThan(levelOf({ ...room(), women: false }).zone.run);
  });
  it('takes a 2-3 for a zone it does not know', () => {
    takeMoment(zoneMoment(play, timeline, 0, { ...zone, zone: '5-0' }, null));
    expect(room().zone).toBe('2-3');
  });
});
