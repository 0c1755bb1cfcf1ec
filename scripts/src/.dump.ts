import { defend, way, type Board } from '../../core/src/defence/board.test-data.ts';
const places = { '1': [0, 27], '2': [-22, 3.5], '3': [22, 3.5], '4': [18.5, 19], '5': [4, 19] } as const;
const b: Board = { places, frames: [[{ id:'scr', by: '5', does: 'screen', for: '1', path: way([-2.4, 24.6]), tempo: 'cut' } as any, { by: '1', does: 'dribble', path: way([-2.6, 27.2], [-7, 20.5]), tempo: 'sprint' }, { by: '5', does: 'cut', path: way([-1, 6.5]), tempo: 'sprint' }],[{by:'1',does:'hold',seconds:1}]] as any};
if (process.argv[3]==='slip') { (b as any).frames[0][0].slip = true; (b as any).frames[0][2].cue={on:'scr',event:'end'}; (b as any).places={...places,'4':[10,26]} }
const d = defend(b, { onBall: (process.argv[2] ?? 'switch') as any });
console.log(d.events);
for (let t = 1; t < d.rails.timeline.end; t += 0.15) { const k = Math.round(t*60); const P=(a:any,b:any,i:number)=>`(${a[k*5+i].toFixed(1)},${b[k*5+i].toFixed(1)})`; console.log(t.toFixed(2), '1', P(d.rails.x,d.rails.y,0),'5',P(d.rails.x,d.rails.y,4),'x1',P(d.x,d.y,0),'x5',P(d.x,d.y,4),'x2',P(d.x,d.y,1),'x3',P(d.x,d.y,2),'x4',P(d.x,d.y,3)); }
