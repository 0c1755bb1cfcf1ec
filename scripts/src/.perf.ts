import { defend, railsFrom, man, way } from '../../core/src/defence/board.test-data.ts';
import { simulate } from '../../core/src/defence/simulate.ts';
import { opennessAt } from '../../core/src/look/openness.ts';
import { compile } from '../../core/src/motion/compile.ts';
import { railsOf } from '../../core/src/defence/rails.ts';
import { readFileSync, readdirSync } from 'node:fs';
import { courtFor, levelRecord, mainLine } from '@corkscrew/core';
const plays = readdirSync('demo/plays').map((f) => JSON.parse(readFileSync('demo/plays/' + f, 'utf8')));
const med = (a: number[]) => a.sort((x, y) => x - y)[a.length >> 1]!;
for (const p of plays) {
  const court = courtFor(p);
  const level = levelRecord(p.level);
  const { timeline } = compile(p, mainLine(p).at(-1)!.id, court, p.level);
  const rt: number[] = [],
    st: number[] = [],
    zt: number[] = [],
    lt: number[] = [];
  let d: any;
  for (let i = 0; i < 30; i++) {
    let t = performance.now();
    const r = railsOf(timeline, court, level);
    rt.push(performance.now() - t);
    t = performance.now();
    d = simulate(r, man());
    st.push(performance.now() - t);
    t = performance.now();
    simulate(r, { type: 'zone', zone: '2-3', schools: [], chases: [-1, -1, -1, -1, -1] });
    zt.push(performance.now() - t);
    t = performance.now();
    for (let k = 0; k < r.steps; k += 6) for (let j = 0; j < 5; j++) opennessAt(d, k, j);
    lt.push(performance.now() - t);
  }
  console.log(
    p.name.padEnd(20),
    timeline.end.toFixed(1),
    's',
    'rails',
    med(rt).toFixed(2),
    'man',
    med(st).toFixed(2),
    'zone',
    med(zt).toFixed(2),
    'looks',
    med(lt).toFixed(1),
    'per 12 s',
    (((med(rt) + med(st)) * 12) / timeline.end).toFixed(2),
  );
}
