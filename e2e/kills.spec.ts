import { randomKills } from '../scripts/src/faults/kills.ts';
import { expect, test } from './app.ts';

test('twenty times at random the tab, the browser or the server dies: nothing is lost, nobody clashes with himself', async ({
  app,
}) => {
  test.setTimeout(240_000);
  const seed = Number(process.env.KILLS_SEED ?? 20);
  const killed = await randomKills(app, 20, seed);
  test.info().annotations.push({ type: 'seed', description: String(seed) });
  expect(killed).toMatchObject({ kills: 20, lost: 0, asked: 0 });
  expect(killed.edits).toBeGreaterThan(20);
});
