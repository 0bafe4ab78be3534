/** Builds every program that runs outside the page, the command-line doors and the server's worker, to one file each in dist/. */
import { build } from 'esbuild';

const PROGRAMS = {
  predict: 'scripts/predict.ts',
  'read-recipe': 'scripts/read-recipe.ts',
  'set-up-database': 'scripts/set-up-database.ts',
  'drop-database': 'scripts/drop-database.ts',
  'compute-worker': 'src/server/compute/compute-worker.ts',
  serve: 'scripts/serve/serve.ts',
  backup: 'scripts/backup/backup.ts',
  restore: 'scripts/backup/restore.ts',
  people: 'scripts/people.ts',
  share: 'scripts/share.ts',
};

await build({
  entryPoints: PROGRAMS,
  outdir: 'dist',
  outExtension: { '.js': '.mjs' },
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  packages: 'external',
  // Next alone knows which side of the wire a module is on.
  alias: { 'server-only': './tests/stubs/empty.ts' },
  sourcemap: 'linked',
  logLevel: 'warning',
});
