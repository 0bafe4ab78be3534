/** Builds every program that runs outside the page, the command-line doors and the server's worker, to dist/: what they share, and what few ask for, to dist/parts. */
import { mkdir, readdir, rm, stat } from 'node:fs/promises';
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
  'count-tests': 'scripts/count-tests.ts',
  'page-weights': 'scripts/page-weights.ts',
  'compile-ahead': 'scripts/compile-ahead.ts',
};

/** What packages that were written for require() expect to find. */
const REQUIRE = `import { createRequire as requireFor } from 'node:module'; const require = requireFor(import.meta.url);`;

/** A house that is up still reads the parts that it was started with; what is older than a month belongs to none. */
const KEPT_MS = 30 * 24 * 3600e3;
await mkdir('dist/parts', { recursive: true });
for (const name of await readdir('dist/parts')) {
  const { mtimeMs } = await stat(`dist/parts/${name}`);
  if (mtimeMs < Date.now() - KEPT_MS) await rm(`dist/parts/${name}`);
}

await build({
  entryPoints: PROGRAMS,
  outdir: 'dist',
  outExtension: { '.js': '.mjs' },
  bundle: true,
  splitting: true,
  chunkNames: 'parts/[hash]',
  platform: 'node',
  format: 'esm',
  target: 'node20',
  // Packages are in the file: reading their hundreds of files one by one takes longer than most of what the programs do.
  external: ['next', 'pg-native'],
  banner: { js: REQUIRE },
  // Next alone knows which side of the wire a module is on.
  alias: { 'server-only': './tests/stubs/empty.ts' },
  sourcemap: 'linked',
  // A trace needs the lines, not their text; a process reads all of it when it starts.
  sourcesContent: false,
  logLevel: 'warning',
});
