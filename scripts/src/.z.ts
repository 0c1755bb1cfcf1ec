import { courtFor } from '../../core/src/court/rulesets.ts';
import { levelRecord } from '../../core/src/motion/level.ts';
import { schemeOf, zoneByKey, ANCHOR_X, ANCHOR_Y, ANCHORS } from '../../core/src/defence/zone/scheme.ts';
import { settled } from '../../core/src/defence/zone/shade.ts';
import { floorOf } from '../../core/src/look/floor.ts';
import { mapSoftness, softMap, softSpots } from '../../core/src/look/soft-spots.ts';
const court = courtFor({court:'nfhs'}); const level = levelRecord('highSchool');
const map = softMap();
for (const z of ['2-3','3-2','1-3-1','1-2-2','2-1-2']) for (const b of ['top','wingR','cornerR','nail']) {
 const s = schemeOf(zoneByKey(z)!, [], court); const f = floorOf(court, level); const a = ANCHORS.indexOf(b as any);
 f.bx = ANCHOR_X[a]!; f.by = ANCHOR_Y[a]!;
 settled(s, level, {x:f.ox,y:f.oy,bx:f.bx,by:f.by,screening:0,chases:new Int8Array(5).fill(-1),players:0}, f.dx, f.dy);
 const t=performance.now(); mapSoftness(f,map); const ms=performance.now()-t;
 console.log(z,b,ms.toFixed(1),softSpots(f,map).map(p=>`${p.spot} ${p.score.toFixed(2)}`).join(', '));
}
