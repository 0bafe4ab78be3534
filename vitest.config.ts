import './tests/loader/register.mjs';
import { defineConfig } from 'vitest/config';

const here = (path: string): string => new URL(path, import.meta.url).pathname;
// Next alone knows which side of the wire a module is on; tests run on the server's.
const alias = { '@': here('./src'), 'server-only': here('./tests/stubs/empty.ts') };

/** Tests that put another module in a module's place, which only Vitest's own loader can: one that no test beside them reads in. */
const REPLACING = ['tests/pages/recipes.test.tsx'];

export default defineConfig({
  resolve: { alias },
  test: {
    pool: 'threads',
    isolate: false,
    // Node loads the modules, as it does those that ship: the solver runs twice as fast as behind the getters of Vitest's own loader.
    experimental: { viteModuleRunner: false, nodeLoader: false },
    execArgv: ['--import', here('./tests/loader/register.mjs')],
    maxWorkers: 2,
    // Sweeps and searches take seconds; behind everything else that npm test does, they take many times as long.
    testTimeout: 300_000,
    hookTimeout: 300_000,
    projects: [
      {
        extends: true,
        test: {
          name: 'unit',
          sequence: { groupOrder: 0 },
          include: [
            'src/**/*.test.ts',
            'scripts/**/*.test.ts',
            'tests/{reference,docs,doors,pages,field,written}/**/*.test.{ts,tsx}',
          ],
          exclude: REPLACING,
        },
      },
      {
        extends: true,
        test: {
          name: 'page',
          sequence: { groupOrder: 1 },
          environment: 'jsdom',
          experimental: { viteModuleRunner: true },
          execArgv: [],
          include: ['src/ui/**/*.test.tsx', ...REPLACING],
        },
      },
      {
        extends: true,
        test: {
          name: 'db',
          sequence: { groupOrder: 2 },
          include: ['tests/db/**/*.test.ts'],
          // Every file works on a copy of its own, so that two may run at once.
          globalSetup: ['tests/db/template-database.ts'],
        },
      },
      {
        extends: true,
        test: {
          name: 'faults',
          sequence: { groupOrder: 3 },
          include: ['tests/faults/**/*.test.ts'],
          globalSetup: ['tests/faults/seeded.ts'],
          fileParallelism: false,
        },
      },
    ],
  },
});
