import { FACTS } from '../../core/src/defence/man/facts.test-data.ts';
const f = FACTS.find(x=>x.key===process.argv[2])!;
for (let i = 0; i < 24; i++) { const m = f.measure({ level:'highSchool', seed: i + 1, mirrored: i % 2 === 1 }); console.log(m.holds?'ok':'NO', Object.entries(m.figures).map(([k, v]) => `${k} ${v.toFixed(2)}`).join('  ')); }
