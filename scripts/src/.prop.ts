import { courtFor, levelRecord, schemeOf, zoneByKey, proposePlaces } from '@corkscrew/core';
const court=courtFor({court:'nfhs'}); const level=levelRecord('highSchool');
for (const z of ['2-3','1-3-1','1-2-2','3-2']) for (const b of [[0,26.5],[18,17],[22,3.5]] as const) { const t=performance.now(); const p=proposePlaces(schemeOf(zoneByKey(z)!,[],court),level,court,{x:b[0],y:b[1]}); console.log(z,b.join(),(performance.now()-t).toFixed(0)+'ms',p.spots.join(' '), p.options.map(o=>o.late.toFixed(2)).join(' '), p.split&&`x${p.split.defender+1} ${p.split.margin.toFixed(2)}`); }
