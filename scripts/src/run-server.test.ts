import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { chmodSync, existsSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { isAlive, withLock } from '../lock.mjs';
import { freePort, sweep } from './cluster.ts';
import { dataHome, ROOT } from './paths.ts';

const folder = mkdtempSync(join(tmpdir(), 'corkscrew-start-'));
// The database's own user has to get through it.
chmodSync(folder, 0o755);
const started: Started[] = [];
afterAll(async () => {
  for (const s of started) await s.end('SIGTERM');
  rmSync(folder, { recursive: true, force: true });
});

/** One of the start commands, run for real on a data folder of this test. */
class Started {
  output = '';
  readonly child: ChildProcess;
  readonly exit: Promise<number | null>;

  constructor(command: string, env: Record<string, string>) {
    this.child = spawn(process.execPath, ['scripts/bootstrap.mjs', command], {
      cwd: ROOT,
      env: { ...process.env, CORKSCREW_DATA: join(folder, 'data'), ...env },
    });
    for (const stream of [this.child.stdout!, this.child.stderr!])
      stream.on('data', (chunk: Buffer) => (this.output += chunk.toString()));
    this.exit = new Promise((done) => this.child.once('exit', done));
    started.push(this);
  }
  /** Resolves with true once it serves, with false once it has ended. */
  async serves(): Promise<boolean> {
    for (;;) {
      if (this.output.includes('is running at')) return true;
      if (this.child.exitCode !== null) return false;
      await new Promise((done) => setTimeout(done, 50));
    }
  }
  async end(signal: NodeJS.Signals): Promise<void> {
    if (this.child.exitCode !== null || this.child.signalCode !== null) return;
    this.child.kill(signal);
    await this.exit;
  }
}

describe('starting', () => {
  it('twice at once on one data folder: one serves, the other says who does and how to stop it; and again after a kill', async () => {
    const port = await freePort(4900);
    const both = [0, 1].map((i) => new Started('start', { PORT: String(port + i) }));
    const serve = await Promise.all(both.map((s) => s.serves()));
    expect(serve.filter(Boolean), both.map((s) => s.output).join('\n')).toHaveLength(1);
    const [runs, refused] = serve[0] ? both : [both[1]!, both[0]!];
    expect(await refused!.exit).toBe(1);
    expect(refused!.output).toContain(`process ${runs!.child.pid}`);
    expect(refused!.output).toContain(`kill ${runs!.child.pid}`);
    const url = (s: Started) => /http:\/\/localhost:\d+/.exec(s.output)![0];
    expect(await (await fetch(`${url(runs!)}/api/plays`)).json()).toEqual([]);

    // As a power cut would: the database of the killed one is still there, and its claim.
    await runs!.end('SIGKILL');
    const again = new Started('start', { PORT: String(port + 2) });
    expect(await again.serves()).toBe(true);
    await again.end('SIGTERM');
    expect(again.child.exitCode).toBe(0);
    expect(existsSync(join(folder, 'data.running.json'))).toBe(false);
  }, 90_000);
  it('serves this machine only: another HOST is refused with a sentence', async () => {
    const open = new Started('start', { HOST: '0.0.0.0' });
    expect(await open.exit).toBe(1);
    expect(open.output).toMatch(/Until there is sign-in, Corkscrew serves only this machine/);
  }, 30_000);
});

describe('set-ups at once', () => {
  it('wait for each other; a lock left behind by a process that is gone is taken over', async () => {
    const lock = join(folder, 'some.lock');
    const order: string[] = [];
    const work = (name: string) =>
      withLock(lock, 'a test', async () => {
        order.push(`${name} begins`);
        await new Promise((done) => setTimeout(done, 100));
        order.push(`${name} ends`);
      });
    await Promise.all([work('one'), work('two')]);
    expect(order.map((o) => o.split(' ')[1])).toEqual(['begins', 'ends', 'begins', 'ends']);
    const { pid } = spawnSync(process.execPath, ['-e', '']);
    writeFileSync(lock, String(pid));
    expect(await withLock(lock, 'a test', () => 'done')).toBe('done');
    expect(isAlive(process.pid)).toBe(true);
    expect(isAlive(process.pid, 'no such words')).toBe(false);
  });
});

it('what a test run that was ended from outside left behind goes at the next start', () => {
  const { pid } = spawnSync(process.execPath, ['-e', '']);
  const left = dataHome(`test-${pid}`);
  mkdirSync(join(left, 'pg'), { recursive: true });
  sweep();
  expect(existsSync(left)).toBe(false);
});
