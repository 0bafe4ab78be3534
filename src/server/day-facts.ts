import type { KitMachine } from '@/core/calls';
import type { BatchDocument } from '@/core/document';
import type { Pantry } from '@/core/pantry';
import { compute } from './compute/compute';
import type { DayBatches } from './compute/jobs/oven-jobs';
import { Remembered, keyOfDocument } from './remembered';

/** When a batch is due that nobody has said anything of: five in the afternoon [min]. */
const DUE_MIN = 1020;
/** What is remembered of so many documents: a year of a busy bakery. */
const REMEMBERED = 400;

type Planned = { readonly id: string; readonly name: string; readonly document: BatchDocument };
type DayFact = Omit<DayBatches['batches'][number], 'id' | 'name'>;

/** By document, ingredients and kit; which batch it is and what it is called does not matter. */
const known = new Remembered<DayFact>(REMEMBERED);

/**
 * Batches as work of a day, worked out once of each document as long as neither it, its ingredients nor the kit changes; a batch that
 * cannot be worked out says why, and is tried anew.
 */
export async function dayFacts(planned: readonly Planned[], kit: readonly KitMachine[], pantry: Pantry): Promise<DayBatches> {
  const machines = kit.map(({ id, appliance }) => ({ id, appliance }));
  const keys = new Map(planned.map((one) => [one.id, keyOfDocument(one.document, pantry, machines)]));
  const keyFor = (id: string): string => keys.get(id) ?? '';
  const unknown = planned.filter(({ id }) => !known.get(keyFor(id)));
  const stuck: Array<DayBatches['stuck'][number]> = [];
  if (unknown.length > 0) {
    const done = await compute('dayBatches', { planned: unknown, kit, due: DUE_MIN, pantry });
    if (done.ok) {
      for (const { id, name: _name, ...fact } of done.value.batches) known.set(keyFor(id), fact);
      stuck.push(...done.value.stuck);
    } else stuck.push(...unknown.map(({ name }) => ({ name, why: done.message })));
  }
  const batches = planned.flatMap(({ id, name }) => {
    const fact = known.get(keyFor(id));
    return fact ? [{ id, name, ...fact }] : [];
  });
  return { batches, stuck };
}
