// A process of its own: it is plain JavaScript until it has brought what reads TypeScript.
import { register } from 'tsx/esm/api';

register();
const { runWorker } = await import('./worker.ts');
const worker = await runWorker(process.env.CORKSCREW_WORKER_DATABASE, process.env.CORKSCREW_WORKER_LOG);
// A database that is gone as well answers no farewell.
const PATIENCE = 3000;
const end = () => {
  setTimeout(() => process.exit(), PATIENCE).unref();
  void worker.stop().finally(() => process.exit());
};
process.on('disconnect', end);
process.on('SIGTERM', end);
