import { readFile } from 'node:fs/promises';
import { searchInSteps, type DayBatch } from '@/core/bakeday';
import { turnsOf, dayBatch, dayOf, machinesOf, type KitMachine } from '@/core/calls';
import { type BatchDocument } from '@/core/document';
import type { Pantry } from '@/core/pantry';

const RUNS = 20;
const FILES = [
  'examples/hillbars',
  'data/recipes/parsnip-buckwheat-snaps',
  'data/recipes/pea-mint-doorstops',
  'data/recipes/venison-barley-training-bits',
  'data/recipes/cottage-parsley-buttons',
  'data/recipes/swede-crisps',
];

/** Time to the first plan of a Saturday of six batches on the demo kitchen [ms]. */
export async function firstPlanTimes(pantry: Pantry): Promise<number[]> {
  const { appliances } = JSON.parse(await readFile('data/demo-kitchen.json', 'utf8')) as { appliances: KitMachine[] };
  const batches: DayBatch[] = [];
  for (const file of FILES) {
    const document = JSON.parse(await readFile(`${file}.batch.json`, 'utf8')) as BatchDocument;
    const turns = turnsOf(document, { pantry });
    if (!turns.ok) throw new Error(turns.message);
    batches.push(dayBatch(file, { document, turns: turns.value }, appliances, 1020));
  }
  const picked = batches.map(({ id }) => ({ batch: id, due: 1020 }));
  const day = dayOf(
    { picked, pins: [], hands: 1, starts: 450, awake: [420, 1320], quiet: null },
    { batches, machines: machinesOf(appliances, 19), places: { trays: 8, fridge: 4, freezer: 12 } },
  );
  return Array.from({ length: RUNS }, () => {
    const began = performance.now();
    const first = searchInSteps(day, { seed: 1, chains: 6, share: () => 1 }).next();
    if (first.done) throw new Error('no plan');
    return performance.now() - began;
  });
}
