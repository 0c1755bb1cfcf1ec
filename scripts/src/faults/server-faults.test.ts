import { expect, it } from 'vitest';
import { directedFaults } from './directed.ts';
import { fuzzRequests } from './requests.ts';
import { twoWriters } from './writers.ts';
import { fresh, testApp } from '../../../server/src/app.test-data.ts';

const { request } = testApp();

it('nonsense is answered with a sentence, never with a failure', async () => {
  const { failures, mute } = await fuzzRequests(request, 500, 20, [fresh()]);
  expect([failures, mute]).toEqual([[], []]);
}, 60_000);

it('of two writers, answers lost, neither overwrites the other', async () => {
  const { overwritten, clashes, lostAnswers } = await twoWriters(request, fresh(), 40, 20);
  expect(overwritten).toBe(0);
  expect(clashes).toBeGreaterThan(0);
  expect(lostAnswers).toBeGreaterThan(0);
}, 60_000);

it('faults aimed at a server are answered as they must be', async () => {
  const { faults, wrong } = await directedFaults(request, fresh(), 3);
  expect([faults, wrong]).toEqual([15, []]);
});
