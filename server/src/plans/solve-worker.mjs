// A thread does not inherit what reads TypeScript: it is plain JavaScript until it has brought its own.
import { parentPort, workerData } from 'node:worker_threads';
import { register } from 'tsx/esm/api';

register();
const { solveHere } = await import('./thread.ts');
parentPort.postMessage(await solveHere(workerData, (said) => parentPort.postMessage(said)));
