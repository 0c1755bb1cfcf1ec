import { ZONE_FACTS } from '../../core/src/defence/zone/facts.test-data.ts';
const n = Number(process.argv[2] ?? 0);
const only = process.argv[3];
const level = (process.argv[4] ?? 'highSchool') as any;
for (const f of ZONE_FACTS) {
  if (only && only !== '-' && !f.key.startsWith(only)) continue;
  const m = f.measure({ level });
  let ok = 0;
  const mm = f.measure({ level, mirrored: true });
  for (let i = 0; i < n; i++) if (f.measure({ level, seed: i + 1, mirrored: i % 2 === 1 }).holds) ok++;
  console.log(
    m.holds ? 'ok ' : 'NO ',
    mm.holds === m.holds ? '' : 'MIRROR',
    f.key.padEnd(3),
    n ? `${Math.round((100 * ok) / n)}% (${Math.round(100 * f.reported)})` : '',
    Object.entries(m.figures)
      .map(([k, v]) => `${k} ${v.toFixed(2)}`)
      .join('  '),
  );
}
