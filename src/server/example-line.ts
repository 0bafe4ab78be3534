import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { BatchDocument } from '@/core/document';
import { readBatch } from '@/formats/read-batch';
import { shippedPantry } from '@/formats/shipped-pantry';
import type { Nominal } from '@/workers/prediction-protocol';
import { computeResult } from './compute/compute';

type Example = { readonly document: BatchDocument; readonly nominal: Nominal };

let known: Promise<Example | null> | null = null;

/** The batch that the first page shows, worked out once; null where it cannot be: the page does without it. */
export function exampleLine(): Promise<Example | null> {
  known ??= workedOut().catch((error: unknown) => {
    console.error('example line', error);
    return null;
  });
  return known.then((example) => {
    if (!example) known = null;
    return example;
  });
}

async function workedOut(): Promise<Example | null> {
  const text = await readFile(join(/*turbopackIgnore: true*/ process.cwd(), 'examples', 'hillbars.batch.json'), 'utf8');
  const document = readBatch(text);
  if (!document.ok) throw new Error(`examples/hillbars.batch.json: ${document.message}`);
  const ask = { document: document.value, pantry: await shippedPantry(), prices: { currency: 'GBP', prices: [] } };
  const look = await computeResult('firstLook', ask);
  return look.ok ? { document: document.value, nominal: look.value.nominal } : null;
}
