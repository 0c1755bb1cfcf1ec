// Plain JavaScript: the set-up needs it before anything is installed.
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';

/** Whether a process is there; with words, whether one of them is in what it was started with. */
export function isAlive(pid, ...words) {
  if (!Number.isInteger(pid) || pid <= 0) return false;
  try {
    process.kill(pid, 0);
  } catch (error) {
    if (error.code !== 'EPERM') return false;
  }
  if (words.length === 0) return true;
  try {
    const line = readFileSync(`/proc/${pid}/cmdline`, 'utf8');
    return words.some((w) => line.includes(w));
  } catch {
    // No such place on this system: the number alone must do.
    return true;
  }
}

const holderOf = (path) => {
  try {
    return Number(readFileSync(path, 'utf8'));
  } catch {
    return 0;
  }
};

function take(path) {
  try {
    writeFileSync(path, String(process.pid), { flag: 'wx' });
    return true;
  } catch (error) {
    if (error.code !== 'EEXIST') throw error;
    return false;
  }
}

/**
 * Does some work while nobody else does it: others wait. A lock whose holder is gone is taken over.
 * `what` names the work in the one line that a waiting process prints.
 */
export async function withLock(path, what, work) {
  mkdirSync(dirname(path), { recursive: true });
  let said = false;
  for (let empty = 0; !take(path);) {
    const pid = holderOf(path);
    // Just made, and its number not yet in it: looked at again before it counts as left behind.
    if (pid === 0) empty += 1;
    if ((pid > 0 && !isAlive(pid)) || empty > 20) {
      rmSync(path, { force: true });
      empty = 0;
      continue;
    }
    if (!said && pid > 0) console.log(`Waiting for process ${pid} to finish ${what} …`);
    said ||= pid > 0;
    await new Promise((done) => setTimeout(done, 150));
  }
  try {
    return await work();
  } finally {
    rmSync(path, { force: true });
  }
}
