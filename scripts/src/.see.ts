import { readFileSync, readdirSync } from 'node:fs';
import { courtFor, levelRecord, mainLine, compile } from '@corkscrew/core';
import { railsOf } from '../../core/src/defence/rails.ts';
import { simulate } from '../../core/src/defence/simulate.ts';
import { setupOf } from '../../core/src/defence/setup.ts';
import { defenceByWord } from '../../core/src/defence/presets.ts';
import { seeingOf } from '../../core/src/look/seeing.ts';
const only = process.argv[2],
  def = process.argv[3] ?? 'man:drop';
for (const fl of readdirSync('demo/plays')) {
  const p = JSON.parse(readFileSync('demo/plays/' + fl, 'utf8'));
  if (only && only !== '-' && p.name !== only) continue;
  const court = courtFor(p);
  const level = levelRecord(p.level);
  const { timeline } = compile(p, mainLine(p).at(-1)!.id, court, p.level);
  const s = setupOf(p, defenceByWord(def)!, timeline, court);
  const d = simulate(railsOf(timeline, court, level), s.plan);
  const ts: number[] = [];
  let see: any;
  for (let i = 0; i < 8; i++) {
    const t = performance.now();
    see = seeingOf(d, s.plan);
    ts.push(performance.now() - t);
  }
  ts.sort((a, b) => a - b);
  console.log('==', p.name, p.against.join(), ts[4]!.toFixed(0) + 'ms', s.notes.join());
  for (const w of see.windows)
    console.log(
      '  open',
      w.player,
      w.from.toFixed(2),
      '-',
      w.to.toFixed(2),
      'best',
      w.best.value.toFixed(2),
      w.best.how,
      w.best.atShot.toFixed(1),
      'by x' + (w.best.by + 1),
    );
  for (const q of see.passes)
    console.log(
      '  pass',
      q.passer,
      '→',
      q.receiver,
      q.kind,
      q.at.toFixed(2),
      q.verdict,
      q.by.toFixed(2),
      'margin',
      q.margin.toFixed(2),
      'x' + (q.laneMan + 1),
      'risk',
      q.risk.toFixed(2),
      'catch',
      q.atCatch.toFixed(1),
    );
  for (const q of see.splits)
    console.log(
      '  split x' + (q.split.defender + 1),
      q.split.players.map((x: number) => x + 1).join(),
      q.from.toFixed(1),
      q.to.toFixed(1),
      q.split.margin.toFixed(2),
      q.split.grade,
    );
  for (const q of see.drives)
    console.log('  drive', q.player, q.at.toFixed(1), q.feet.toFixed(1), 'x' + (q.by + 1));
  console.log(
    '  blocked',
    see.blocked
      .map((b: any) => `${b.player + 1} by x${b.defender + 1} ${b.from.toFixed(1)} ${b.seconds.toFixed(1)}`)
      .join('; '),
    'events',
    see.events.map((e: any) => `${e.t.toFixed(1)} ${e.is} x${e.defender + 1}`).join('; '),
  );
}
