/**
 * What the environment says; nothing else looks at it. The start script sets the address of the database that it started,
 * where the worker that computes was built to (without one, work is done in the process that asks), and the folder of this installation.
 * Whoever runs it behind a proxy names its address for everybody, its host names, and the addresses of the proxy.
 */
export const config = (): {
  readonly databaseUrl: string;
  readonly computeWorker: string | null;
  readonly stateFolder: string | null;
  readonly tlsPort: number | null;
  readonly publicUrl: string | null;
  readonly hosts: readonly string[];
  readonly proxies: readonly string[];
} => ({
  databaseUrl: process.env.OVEN_DATABASE_URL ?? 'postgresql://oven@127.0.0.1:54329/oven',
  computeWorker: process.env.OVEN_COMPUTE_WORKER ?? null,
  stateFolder: process.env.OVEN_STATE ?? null,
  tlsPort: process.env.OVEN_TLS_PORT ? Number(process.env.OVEN_TLS_PORT) : null,
  publicUrl: process.env.OVEN_URL?.replace(/\/$/, '') ?? null,
  hosts: listed(process.env.OVEN_HOSTS),
  proxies: listed(process.env.OVEN_PROXY),
});

const listed = (words = ''): readonly string[] =>
  words
    .split(/[\s,]+/)
    .filter((word) => word !== '')
    .map((word) => word.toLowerCase());
