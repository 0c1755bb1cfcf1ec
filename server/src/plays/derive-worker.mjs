// A thread does not inherit what reads TypeScript: it is plain JavaScript until it has brought its own.
import { parentPort, workerData } from 'node:worker_threads';
import { register } from 'tsx/esm/api';

register();
const { derive } = await import('@corkscrew/core');
parentPort.postMessage(derive(workerData));
