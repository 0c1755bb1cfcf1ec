import { spawn, type ChildProcess } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { dataHome, DEMO_PLAYS, ROOT, WEB_DIST } from '../paths.ts';

/** A real server in a process of its own, on loopback, that may be killed and started again. */
export class ServerProcess {
  private child: ChildProcess | undefined;
  readonly port: number;
  private readonly databaseUrl: string;

  constructor(port: number, databaseUrl: string) {
    this.port = port;
    this.databaseUrl = databaseUrl;
  }

  get url(): string {
    return `http://127.0.0.1:${this.port}`;
  }
  get pid(): number | undefined {
    return this.child?.pid;
  }

  get isDown(): boolean {
    return !this.child || this.child.exitCode !== null || this.child.signalCode !== null;
  }

  async start(): Promise<void> {
    this.child = spawn(process.execPath, ['--import', 'tsx', join(ROOT, 'e2e', 'server.ts')], {
      cwd: ROOT,
      stdio: ['ignore', 'inherit', 'inherit'],
      env: {
        ...process.env,
        DATABASE_URL: this.databaseUrl,
        PORT: String(this.port),
        WEB_ROOT: WEB_DIST,
        BUILD: readFileSync(join(WEB_DIST, '.built-from'), 'utf8').slice(0, 12),
        DEMO_PLAYS,
        LOG_FILE: join(dataHome('logs'), 'e2e.log'),
      },
    });
    const until = Date.now() + 20_000;
    while (!(await this.answers())) {
      if (Date.now() > until) throw new Error('The server did not come up within 20 s.');
      await new Promise((done) => setTimeout(done, 50));
    }
  }

  private answers(): Promise<boolean> {
    return fetch(`${this.url}/api/ready`).then(
      (r) => r.ok,
      () => false,
    );
  }

  /** As a power cut would: no goodbye. */
  async kill(signal: NodeJS.Signals = 'SIGKILL'): Promise<void> {
    const { child } = this;
    if (!child || this.isDown) return;
    const ended = new Promise((done) => child.once('exit', done));
    child.kill(signal);
    await ended;
  }
}
