/** Whether a process is there; with words, whether one of them is in what it was started with. */
export function isAlive(pid: number, ...words: string[]): boolean;
/** Does some work while nobody else does it: others wait. A lock whose holder is gone is taken over. */
export function withLock<T>(path: string, what: string, work: () => T | Promise<T>): Promise<T>;
