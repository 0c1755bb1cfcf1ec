import { defend, way, type Board } from '../../core/src/defence/board.test-data.ts';
import { opennessAt } from '../../core/src/look/openness.ts';
import type { ManPlan } from '../../core/src/defence/plan.ts';

const places = { '1': [0, 27], '2': [-22, 3.5], '3': [22, 3.5], '4': [10, 26], '5': [4, 19] } as const;
const screen = { by: '5', does: 'screen', for: '1', path: way([-2.4, 24.6]), tempo: 'cut' } as any;
const opts: Record<string, any> = {
  pullup: { who: 0, frames: [[screen, { by: '1', does: 'dribble', path: way([-2.6, 27.4], [-5.2, 26]), tempo: 'sprint' }], [{by:'1',does:'hold',seconds:1.5},{by:'5',does:'hold',seconds:1.5}]] },
  mid: { who: 0, frames: [[screen, { by: '1', does: 'dribble', path: way([-2.6, 27.2], [-6, 17]), tempo: 'sprint' }], [{by:'5',does:'cut',path:way([-1,5]),tempo:'sprint'},{by:'1',does:'hold',seconds:1}]] },
  drive: { who: 0, frames: [[screen, { by: '1', does: 'dribble', path: way([-2.6, 27.2], [-6, 20],[-1.5,7]), tempo: 'sprint' }], [{by:'5',does:'hold'}]] },
  roll: { who: 4, frames: [[screen, { by: '1', does: 'dribble', path: way([-2.6, 27.2], [-9.5, 22.5]), tempo: 'sprint' }, { by: '5', does: 'cut', path: way([-1, 6.5]), tempo: 'sprint' }],[{by:'1',does:'hold',seconds:1}]] },
  pop: { who: 4, frames: [[screen, { by: '1', does: 'dribble', path: way([-2.6, 27.2], [-9.5, 22.5]), tempo: 'sprint' }, { by: '5', does: 'cut', path: way([4, 27]), tempo: 'sprint' }],[{by:'1',does:'hold',seconds:1}]] },
  slip: { who: 4, frames: [[{...screen, slip: true}, { by: '1', does: 'dribble', path: way([-2.6, 27.2], [-9.5, 22.5]), tempo: 'sprint' }, { by: '5', does: 'cut', path: way([-1, 6.5]), tempo: 'sprint', cue:{on:'scr',event:'end'} }],[{by:'1',does:'hold',seconds:1}]] },
  weak: { who: 2, as: 'roll' }, lift: { who: 3, as: 'lift', frames: [[screen, { by: '1', does: 'dribble', path: way([-2.6, 27.2], [-9.5, 22.5]), tempo: 'sprint' }, { by: '5', does: 'cut', path: way([-1, 6.5]), tempo: 'sprint' },{by:'4',does:'cut',path:way([8,25.5]),tempo:'cut'}],[{by:'1',does:'hold',seconds:1}]] }, strong: { who: 1, as: 'roll' },
};
screen.id = 'scr';
const only = process.argv[2];
for (const help of ['none','weakCorner','top','strongCorner','rotation'] as const) for (const onBall of ['drop','level','show','under','switch','trap','push'] as const) {
  if (help !== 'none' && !['drop','show','trap'].includes(onBall)) continue;
  const row: string[] = [];
  for (const [name, o] of Object.entries(opts)) {
    const b: Board = { places, frames: o.frames ?? opts[o.as].frames };
    const d = defend(b, { onBall, help } as Partial<ManPlan>);
    const use = d.rails.timeline.screens[0]!;
    const from = (use.used?.at ?? use.left) - 0.6;
    const vals: {t:number,v:number,o:any}[] = [];
    for (let t = from; t < Math.min(d.rails.timeline.end, from + 3); t += 0.1) { const k = Math.round(t * 60); const q = opennessAt(d, k, o.who); vals.push({ t, v: q.value, o: q }); }
    let best = { v: 0, i: 0 };
    for (let i = 0; i + 2 < vals.length; i++) { const v = Math.min(vals[i]!.v, vals[i+1]!.v, vals[i+2]!.v); if (v > best.v) best = { v, i }; }
    const q = vals[best.i]?.o;
    row.push(`${name} ${best.v.toFixed(2)}(${q?.atShot.toFixed(1)}${q?.how==='finish'?'f':''})${d.blocked.some(x=>x.player===o.who)?'*':''}`);
    if (only === name) console.log(onBall, help, vals.map(x=>`${x.t.toFixed(1)}:${x.v.toFixed(2)}/${x.o.atShot.toFixed(1)}/m${x.o.margin.toFixed(2)}`).join(' '));
  }
  console.log(help.padEnd(10), onBall.padEnd(7), row.join('  '));
}
const t0 = performance.now(); 
const d0 = defend({ places, frames: opts.roll.frames }, {});
console.log('ms', performance.now()-t0, d0.rails.steps, JSON.stringify(d0.rails.timeline.screens));
