import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { isAlive } from '../lock.mjs';
import { SayError } from './say.ts';

/** Who runs on a data folder. */
interface Claim {
  readonly pid: number;
  readonly port: number;
  readonly since: string;
}

const fileOf = (folder: string): string => `${folder}.running.json`;

/** Who runs on a data folder now; null when nobody does. */
export function holder(folder: string): Claim | null {
  try {
    const claim = JSON.parse(readFileSync(fileOf(folder), 'utf8')) as Claim;
    return isAlive(claim.pid, 'bootstrap.mjs') && claim.pid !== process.pid ? claim : null;
  } catch {
    return null;
  }
}

/** Takes a data folder for this process, or says who has it and how to stop it. Returns what gives it back. */
export function claim(folder: string, port: number): () => void {
  mkdirSync(join(folder, '..'), { recursive: true });
  for (let tries = 0; tries < 3; tries++) {
    try {
      const mine: Claim = { pid: process.pid, port, since: new Date().toISOString() };
      writeFileSync(fileOf(folder), `${JSON.stringify(mine)}\n`, { flag: 'wx' });
      return () => rmSync(fileOf(folder), { force: true });
    } catch (error) {
      if ((error as Error & { code?: string }).code !== 'EEXIST') throw unwritable(folder, error);
    }
    const other = holder(folder);
    if (other)
      throw new SayError(
        `Corkscrew already runs on ${folder}: process ${other.pid}, at http://localhost:${other.port}/, since ${other.since.slice(0, 16).replace('T', ' ')} UTC.\nStop it with Ctrl-C where it runs, or: kill ${other.pid}`,
      );
    // Left behind by a process that is gone.
    rmSync(fileOf(folder), { force: true });
  }
  throw new SayError(`Several starts at once want ${folder}. Start again.`);
}

const unwritable = (folder: string, error: unknown): SayError =>
  new SayError(
    `Corkscrew keeps its plays in ${folder}, but can't write there (${(error as Error & { code?: string }).code}). Make room or give it the right to write, then start again.`,
  );
