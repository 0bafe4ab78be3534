import { spawn, type ChildProcess } from 'node:child_process';
import { setTimeout as pause } from 'node:timers/promises';
import { Cluster, run } from './cluster';
import { freePort } from './free-port';

/** The schema, the demo kitchen and the application's role, as npm start makes them. */
export const setUp = (cluster: Cluster): Promise<unknown> =>
  run('node', ['dist/set-up-database.mjs'], { ...process.env, OVEN_DATABASE_URL: cluster.url, OVEN_APP_PASSWORD: 'app' });

/** The built application as a process of its own, on a database of its own. */
export class House {
  private process: ChildProcess | null = null;
  /** What it wrote to its log. */
  log = '';

  private constructor(
    readonly cluster: Cluster,
    readonly port: number,
  ) {}

  get address(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  /** A house with the demo kitchen, up. */
  static async open(cluster?: Cluster): Promise<House> {
    const made = cluster ?? (await Cluster.make());
    await made.start();
    const house = new House(made, await freePort());
    if (!process.env.OVEN_FAULTS_SEEDED) await setUp(made);
    await house.start();
    return house;
  }

  /** Another process on the same database. */
  async beside(): Promise<House> {
    const other = new House(this.cluster, await freePort());
    await other.start();
    return other;
  }

  /** @returns how long it took until it answered [ms] */
  async start(): Promise<number> {
    const began = performance.now();
    const child = spawn('node', ['dist/serve.mjs', '127.0.0.1', String(this.port)], {
      env: {
        ...process.env,
        NODE_ENV: 'production',
        OVEN_DATABASE_URL: this.cluster.url.replace('oven:oven', 'oven_app:app'),
        OVEN_INSTALLATION: 'faults',
      },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (part: Buffer) => (this.log += part.toString()));
    this.process = child;
    for (let tries = 0; tries < 600; tries++) {
      if (await this.isUp()) return performance.now() - began;
      if (child.exitCode !== null) break;
      await pause(50);
    }
    throw new Error(`the house did not come up: ${this.log.slice(-2000)}`);
  }

  get isAlive(): boolean {
    return this.process !== null && this.process.exitCode === null && this.process.signalCode === null;
  }

  private isUp(): Promise<boolean> {
    return fetch(`${this.address}/api/health`, { signal: AbortSignal.timeout(2000) }).then(
      ({ ok }) => ok,
      () => false,
    );
  }

  /** Ends it as a cut of the mains would. */
  async kill(signal: NodeJS.Signals = 'SIGKILL'): Promise<void> {
    const child = this.process;
    if (!child || child.exitCode !== null || child.signalCode !== null) return;
    const gone = new Promise((done) => child.once('exit', done));
    child.kill(signal);
    await gone;
  }

  async close(): Promise<void> {
    await this.kill();
    await this.cluster.remove();
  }
}
