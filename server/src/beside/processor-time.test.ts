import { describe, expect, it } from 'vitest';
import { processorTime } from './processor-time.ts';

describe('the time a process had a processor', () => {
  it('is what the process says of itself, and does not pass while it waits', async () => {
    const told = (): number => {
      const { user, system } = process.cpuUsage();
      return (user + system) / 1e6;
    };
    const before = told();
    // Half a second of work, counted by the process itself.
    let sum = 0;
    while (told() - before < 0.5) for (let i = 0; i < 10_000; i++) sum += Math.sqrt(i);
    expect(sum).toBeGreaterThan(0);
    expect(processorTime(process.pid)).toBeGreaterThan(before + 0.4);
    expect(processorTime(process.pid)).toBeLessThan(told() + 0.05);
  });
  it('is not known of a process that does not run', () => {
    expect(processorTime(2 ** 30)).toBeNull();
  });
});
