import autocannon from 'autocannon';
import { readFileSync } from 'node:fs';
import { createDatabase, freePort, type Cluster } from '../cluster.ts';
import { directedFaults } from '../faults/directed.ts';
import { mutateDocuments } from '../faults/documents.ts';
import { randomKills } from '../faults/kills.ts';
import { fuzzRequests, type Ask } from '../faults/requests.ts';
import { ServerProcess } from '../faults/server-process.ts';
import { twoWriters } from '../faults/writers.ts';
import { demo, type Row } from './row.ts';

/** How much of each is put to it. */
const KILLS = 200;
const DIRECTED = 200;
const REQUESTS = 5000;
const DOCUMENTS = 5000;
const SAVES = 250;
const LOAD_SECONDS = 20;

/** Resident memory of a process, MB. */
const memoryOf = (pid: number): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;

/** Everything that may go wrong, done on purpose and counted. */
export async function faults(cluster: Cluster, seed: number): Promise<Row[]> {
  const server = new ServerProcess(await freePort(4850), await createDatabase(cluster, 'faults'));
  await server.start();
  const ask: Ask = (path, init) => fetch(`${server.url}${path}`, init);
  const plays = demo();
  try {
    const before = memoryOf(server.pid!);
    const directed = await directedFaults(ask, plays[0]!, DIRECTED);
    const fuzzed = await fuzzRequests(ask, REQUESTS, seed, plays);
    const written = await twoWriters(ask, { ...plays[0]!, id: 'two-writers' }, SAVES, seed);
    const load = await autocannon({
      url: `${server.url}/api/plays`,
      connections: 50,
      duration: LOAD_SECONDS,
      headers: { 'accept-encoding': 'gzip' },
    });
    const after = memoryOf(server.pid!);
    const mutated = mutateDocuments(plays, DOCUMENTS, seed);
    const killed = await randomKills(server, KILLS, seed);
    for (const told of [
      ...directed.wrong,
      ...fuzzed.failures,
      ...fuzzed.mute,
      ...mutated.crashes,
      ...mutated.nonsense,
      ...mutated.unreadable,
    ])
      console.log(told);
    const row = (what: string, measured: string, goal: string): Row => ({ what, measured, goal });
    return [
      row(
        `Random kills of tab, browser and server, ${killed.kills}, with ${killed.edits} edits`,
        `${killed.lost} lost, asked about two versions ${killed.asked} times`,
        '0, 0',
      ),
      row(`Directed faults, ${directed.faults}`, `${directed.wrong.length} answered wrongly`, '0'),
      row(
        `Requests fuzzed, ${fuzzed.requests}`,
        `${fuzzed.failures.length} answers of 500 or none, ${fuzzed.mute.length} without a sentence`,
        '0, 0',
      ),
      row(
        `Documents mutated, ${mutated.documents}, ${mutated.read} of them readable`,
        `${mutated.crashes.length} crashes, ${mutated.nonsense.length} with NaN in drawings, times or sentences, ${mutated.unreadable.length} unreadable after an edit`,
        '0, 0, 0',
      ),
      row(
        `Two writers, ${written.saves} saves, ${written.lostAnswers} answers lost`,
        `${written.overwritten} overwritten in silence, ${written.clashes} clashes told`,
        '0',
      ),
      row(
        `Load on the list, 50 connections, ${LOAD_SECONDS} s`,
        `${load.requests.average.toFixed(0)}/s, p99 ${load.latency.p99} ms, ${load.non2xx + load.errors} failed`,
        '0 failed',
      ),
      row(
        'Memory of the server before and after all of it',
        `${before.toFixed(0)} MB, ${after.toFixed(0)} MB`,
        '',
      ),
    ];
  } finally {
    await server.kill('SIGTERM');
  }
}
