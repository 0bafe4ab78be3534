/** The programs as they are built, with their packages in them: each can be read, and the server's worker answers. */
import { execFileSync } from 'node:child_process';
import { readFileSync, readdirSync } from 'node:fs';
import { resolve } from 'node:path';
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

it('can be read, every one of them', () => {
  const programs = readdirSync('dist').filter((name) => name.endsWith('.mjs'));
  expect(programs).toContain('compute-worker.mjs');
  for (const program of programs) execFileSync('node', ['--check', `dist/${program}`]);
});

it('work in a thread of the server: numbers from its own ingredients, and letters from its own fonts', async () => {
  const document = JSON.parse(HILLBARS) as BatchDocument;
  expect(await worker.ask('predictFile', HILLBARS)).toMatchObject({ ok: true, value: { name: document.name } });
  const template = await worker.ask('templatePdf', { document, pantry: PANTRY, template: 'sheet', paper: 'a4' });
  expect(template.ok && Buffer.from(template.value.subarray(0, 5)).toString()).toBe('%PDF-');
});
