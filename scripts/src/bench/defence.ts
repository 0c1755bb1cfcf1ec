import {
  compile,
  courtFor,
  floorOf,
  levelRecord,
  mainLine,
  mapSoftness,
  opennessAt,
  PLAYERS,
  PRESETS,
  railsOf,
  schemeOf,
  situationAt,
  seeingOf,
  settled,
  setupOf,
  simulate,
  softMap,
  zoneByKey,
  type Plan,
  type Play,
  type Rails,
  type Seeing,
} from '@corkscrew/core';
import { demo, ms, percentile, type Row } from './row.ts';

const POSSESSION = 12;

function lineOf(play: Play) {
  const court = courtFor(play);
  const level = levelRecord(play.level);
  const { timeline } = compile(play, mainLine(play).at(-1)!.id, court, play.level);
  return { court, level, timeline };
}

/** Milliseconds of a call, sorted, once the engine has compiled it for good: that takes some hundred runs. */
function sorted(runs: number, call: () => unknown): number[] {
  for (let i = 0; i < Math.min(200, 3 * runs); i++) call();
  const times = Array.from({ length: runs }, () => {
    const began = performance.now();
    call();
    return performance.now() - began;
  });
  return times.sort((a, b) => a - b);
}
const median = (runs: number, call: () => unknown): number => percentile(sorted(runs, call), 0.5);

/** Ten bodies in straight lines over as many steps: the least that a simulation could cost. */
function plain({ steps, dt }: Rails): number {
  const x = new Float64Array(steps * 10);
  const y = new Float64Array(steps * 10);
  const vx = Float64Array.from({ length: 10 }, (_, i) => i - 4.5);
  for (let k = 1; k < steps; k++)
    for (let b = 0; b < 10; b++) {
      const i = k * 10 + b;
      x[i] = x[i - 10]! + vx[b]! * dt;
      y[i] = y[i - 10]! + (5 - vx[b]!) * dt;
    }
  return x[steps * 10 - 1]!;
}

/** Asks for all that is seen of a line: what nobody asks for is not worked out. */
const everything = (s: Seeing): unknown => [
  s.windows,
  s.passes,
  s.splits,
  s.drives,
  s.traps,
  s.instants.map((i) => [i.options, i.soft]),
];

/** What the defence costs in Node on one core. */
export function defence(): Row[] {
  const plays = demo();
  const shoots = (p: Play): boolean => lineOf(p).timeline.flights.some((f) => f.receiver === null);
  const long = plays
    .filter(shoots)
    .reduce((a, b) => (lineOf(a).timeline.end > lineOf(b).timeline.end ? a : b));
  const { court, level, timeline } = lineOf(long);
  const share = POSSESSION / timeline.end;
  const defences = PRESETS.map((p) => ({ ...p.defence, id: p.key }));
  const planOf = (i: number): Plan => setupOf(long, defences[i % defences.length]!, timeline, court).plan;
  const plans = defences.map((_, i) => planOf(i));
  const rails = railsOf(timeline, court, level);
  const possession = (plan: Plan): number[] => sorted(60, () => simulate(rails, plan)).map((v) => v * share);
  const least = share * median(60, () => plain(rails));
  const man = possession(plans[0]!);
  const zone = possession(plans.find((p) => p.type === 'zone')!);
  const lines = plays.map((play) => ({ play, ...lineOf(play) }));
  const began = performance.now();
  for (let i = 0; i < 200; i++) {
    const l = lines[i % lines.length]!;
    const { plan } = setupOf(l.play, defences[i % defences.length]!, l.timeline, l.court);
    simulate(railsOf(l.timeline, l.court, l.level), plan);
  }
  const many = performance.now() - began;
  const d = simulate(rails, plans[0]!);
  const seeing = share * median(20, () => everything(seeingOf(d, plans[0]!)));
  const shot = timeline.flights.findLast((fl) => fl.receiver === null)!;
  const k = Math.round(shot.release / d.rails.dt);
  const one = median(200, () => opennessAt(d, k, PLAYERS.indexOf(shot.passer)));
  const f = floorOf(court, level);
  Object.assign(f, { bx: 18.5, by: 17 });
  settled(schemeOf(zoneByKey('2-3')!, [], court), level, situationAt([], { x: 18.5, y: 17 }), f.dx, f.dy);
  const out = softMap();
  const map = median(200, () => mapSoftness(f, out));
  const words = (v: number[]): string =>
    `median ${ms(percentile(v, 0.5))} (least ${ms(v[0]!)}), ${(percentile(v, 0.5) / least).toFixed(0)} times straight lines only`;
  return [
    {
      what: `Possession of ${POSSESSION} s, ten bodies, man to man, Node`,
      measured: words(man),
      goal: '≤ 2.5 ms',
    },
    {
      what: `Possession of ${POSSESSION} s, ten bodies, 2-3 zone, Node`,
      measured: words(zone),
      goal: '≤ 2.5 ms',
    },
    {
      what: '200 possessions, mixed defences, Node',
      measured: `${(many / 1000).toFixed(2)} s`,
      goal: '≤ 0.45 s',
    },
    {
      what: `Everything seen of ${POSSESSION} s: openness, windows, lanes, splits, soft spots`,
      measured: `median ${ms(seeing)}`,
      goal: '≤ 8 ms',
    },
    { what: 'One look: is it open then?', measured: `median ${(1000 * one).toFixed(0)} µs`, goal: '≤ 1 ms' },
    { what: 'Soft-spot map, 1 ft grid', measured: `median ${ms(map)}`, goal: '≤ 8 ms' },
  ];
}
