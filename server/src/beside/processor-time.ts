import { readFileSync } from 'node:fs';

/** Ticks of the kernel's clock in a second, on every Linux that Node.js runs on (`getconf CLK_TCK`). */
const TICKS = 100;

/** How long (s) a process has had a processor so far; null where the system does not tell, or no such process runs. */
export function processorTime(pid: number): number | null {
  try {
    // The second field is the program's name in brackets, with anything in it; user and system time are the 14th and 15th.
    const [, after] = /^.*\) (.*)$/s.exec(readFileSync(`/proc/${pid}/stat`, 'utf8')) ?? [];
    const fields = after?.split(' ');
    const spent = fields && Number(fields[11]) + Number(fields[12]);
    return spent === undefined || Number.isNaN(spent) ? null : spent / TICKS;
  } catch {
    return null;
  }
}
