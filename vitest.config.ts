import { defineConfig } from 'vitest/config';

const alias = { '@': new URL('./src', import.meta.url).pathname };

export default defineConfig({
  resolve: { alias },
  test: {
    pool: 'threads',
    isolate: false,
    maxWorkers: 2,
    projects: [
      { extends: true, test: { name: 'unit', include: ['src/**/*.test.ts', 'tests/{reference,docs,doors}/**/*.test.ts'] } },
      {
        extends: true,
        test: {
          name: 'db',
          include: ['tests/db/**/*.test.ts'],
          globalSetup: ['tests/db/template-database.ts'],
          fileParallelism: false,
        },
      },
    ],
  },
});
