import { readFileSync, readdirSync } from 'node:fs';
import {
  courtFor,
  levelRecord,
  mainLine,
  compile,
  defenceByWord,
  playAgainst,
  walkThrough,
} from '@corkscrew/core';
const only = process.argv[2];
for (const fl of readdirSync('demo/plays')) {
  const p = JSON.parse(readFileSync('demo/plays/' + fl, 'utf8'));
  if (only && only !== '-' && p.name !== only) continue;
  const court = courtFor(p);
  const level = levelRecord(p.level);
  const line = mainLine(p);
  const compiled = compile(p, line.at(-1)!.id, court, p.level);
  const def =
    p.defences?.[0] ??
    defenceByWord(process.argv[3] ?? (p.against[0] === 'man' ? 'man:drop' : `zone:${p.against[0]}`))!;
  const a = playAgainst(p, compiled.timeline, def, court, level);
  console.log('==', p.name, def.name, p.against.join());
  for (const f of walkThrough(p, line, { compiled, against: a }))
    if (!f.silenced) console.log('  ', f.severity, f.code, f.time.toFixed(1), f.sentence);
}
