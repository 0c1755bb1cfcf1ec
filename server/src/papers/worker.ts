import { openLog } from '../log.ts';
import { startPrinter } from './press.ts';

/** A process that makes what is ordered on paper. Beside a server, or by itself on another machine with the same database. */
export async function runWorker(
  url: string,
  logFile?: string,
): Promise<{ readonly stop: () => Promise<void> }> {
  return startPrinter(url, openLog(logFile || undefined));
}
