/** The programs as they are built, with their packages in them: each can be read, and the server's worker answers. */
import { execFileSync } from 'node:child_process';
import { readFileSync, readdirSync } from 'node:fs';
import { resolve } from 'node:path';
import { transform } from 'esbuild';
import { afterAll, beforeAll, expect, it } from 'vitest';
import type { BatchDocument } from '@/core/document';
import type { Jobs } from '@/server/compute/jobs';
import { threadLine } from '@/server/compute/thread-line';
import { WorkerClient } from '@/workers/client';
import { PANTRY } from '../reference/shipped';

const HILLBARS = readFileSync('examples/hillbars.batch.json', 'utf8');
const worker = new WorkerClient<Jobs>(threadLine(resolve('dist/compute-worker.mjs'))(false));
afterAll(() => worker.close());

beforeAll(() => void execFileSync('bash', ['-c', 'source scripts/lib.sh && ensure_programs']));

it('can be read, every one of them and of their parts', async () => {
  const files = readdirSync('dist', { recursive: true, encoding: 'utf8' }).filter((name) => /^(parts\/)?[\w-]+\.mjs$/.test(name));
  expect(files).toContain('compute-worker.mjs');
  expect(files.some((name) => name.startsWith('parts/'))).toBe(true);
  // What is declared twice, as by two packages in one file, is an error to this reader as it is to Node.
  for (const file of files)
    await transform(readFileSync(`dist/${file}`), { sourcefile: file, format: 'esm', logLevel: 'silent' });
});

it('work in a thread of the server: numbers from its own ingredients, letters from its own fonts, and what comes in', async () => {
  const document = JSON.parse(HILLBARS) as BatchDocument;
  expect(await worker.ask('predictFile', HILLBARS)).toMatchObject({ ok: true, value: { name: document.name } });
  const template = await worker.ask('templatePdf', { document, pantry: PANTRY, template: 'sheet', paper: 'a4' });
  expect(template.ok && Buffer.from(template.value.subarray(0, 5)).toString()).toBe('%PDF-');
  const content = new TextEncoder().encode('Crackers\n200 g oat flour\n1 egg');
  const kitchen = { pantry: PANTRY, measures: 'metric', cup_fill: null } as const;
  const read = await worker.ask('readIncoming', { content, kitchen, wishes: { cups: null, recipe: 0 } });
  expect(read).toMatchObject({ ok: true });
});
