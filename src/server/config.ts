/**
 * What the environment says; nothing else looks at it. The start script sets the address of the database that it started,
 * where the worker that computes was built to (without one, work is done in the process that asks), and the folder of this installation.
 */
export const config = (): {
  readonly databaseUrl: string;
  readonly computeWorker: string | null;
  readonly stateFolder: string | null;
} => ({
  databaseUrl: process.env.OVEN_DATABASE_URL ?? 'postgresql://oven@127.0.0.1:54329/oven',
  computeWorker: process.env.OVEN_COMPUTE_WORKER ?? null,
  stateFolder: process.env.OVEN_STATE ?? null,
});
