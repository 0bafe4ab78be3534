import { sameAppliance, type BatchDocument } from '@/core/batch';
import { learnFrom, type Finished, type Learned, type Weighed } from '@/core/learning';
import { maybeBake, timersOf, type BakeRow } from '@/db/bakes';
import { bakedBatches, maybeBatch } from '@/db/batches';
import type { Queryable } from '@/db/client';
import { appliancesOf, type ApplianceRow, type KitchenRow } from '@/db/kitchen';
import { learnedOf, setLearned } from '@/db/learned';
import { measurementsOf, type MeasurementRow } from '@/db/measurements';
import { readingsOf, type ReadingRow } from '@/db/readings';
import { loadPantry } from '../pantry';
import { minuteOf, wentIn } from './bake-state';
import { courseOf } from './course-of';
import { thermometer } from './thermometer';

/** So many batches of an appliance are lived through again; older ones say little of it as it is now. */
const REMEMBERED = 16;
const LOOKED_AT = 120;

/** The appliance of the kit that a batch's first trays went into. */
export const applianceOf = (document: BatchDocument, kit: readonly ApplianceRow[]): ApplianceRow | null =>
  kit.find(({ appliance }) => sameAppliance(appliance, document.heat.appliance ?? {})) ?? null;

/** Learns the appliance of a batch anew, after it was weighed or ended. */
export async function relearn(db: Queryable, kitchen: KitchenRow, batchId: string): Promise<void> {
  const batch = await maybeBatch(db, batchId);
  const appliance = batch && applianceOf(batch.document, await appliancesOf(db, kitchen.id));
  if (appliance) await relearnAppliance(db, kitchen, appliance);
}

/** Learns an appliance from its finished batches, the oldest first; keeps whether it is used, and since when. */
export async function relearnAppliance(
  db: Queryable,
  kitchen: KitchenRow,
  appliance: ApplianceRow,
  change: { readonly used?: boolean; readonly since?: string | null } = {},
): Promise<Learned> {
  const before = (await learnedOf(db, kitchen.id)).get(appliance.id);
  const since = change.since === undefined ? (before?.since ?? null) : change.since;
  const kit = await appliancesOf(db, kitchen.id);
  const baked = (await bakedBatches(db, kitchen.id, LOOKED_AT))
    .filter(({ document, baked_on }) => applianceOf(document, kit)?.id === appliance.id && (since === null || baked_on >= since))
    .slice(-REMEMBERED);
  const ids = baked.map(({ id }) => id);
  const [pantry, measured, readings, timers] = [
    await loadPantry(db),
    await measurementsOf(db, kitchen.id),
    await readingsOf(db, ids),
    await timersOf(db, ids),
  ];
  const finished: Finished[] = [];
  const offsets: number[] = [];
  for (const batch of baked) {
    const course = courseOf(batch, pantry);
    if (!course.ok) continue;
    const bake = await maybeBake(db, batch.id);
    const began = wentIn(timers.get(batch.id) ?? []);
    const mine = readings.get(batch.id) ?? [];
    const weighed = [
      ...(bake && began ? sharesOf(bake, began, mine) : []),
      ...finalShare(batch.document, measured.get(batch.id), course.value.minutes),
    ];
    finished.push({ model: course.value.model, target: course.value.target, weighed });
    const offset_K = began ? thermometer(batch.document, began, mine) : null;
    if (offset_K !== null) offsets.push(offset_K);
  }
  // Who took the two readings has had a thermometer in it: what is left of its offset is small.
  const read = offsets.length > 0 ? offsets.reduce((sum, one) => sum + one, 0) / offsets.length : null;
  const knowledge = learnFrom(finished, read ?? (appliance.appliance.heat_up ? 0 : undefined));
  await setLearned(db, { appliance_id: appliance.id, used: change.used ?? before?.used ?? true, since, knowledge });
  return knowledge;
}

/** Trays weighed on the way, as shares of what went in. */
export function sharesOf({ tray_g, before_g }: BakeRow, began: Date, readings: readonly ReadingRow[]): Weighed[] {
  if (before_g === null) return [];
  const empty = tray_g ?? 0;
  return readings.flatMap(({ kind, value, at }) => {
    const minutes = minuteOf(at) - minuteOf(began);
    return kind === 'tray_g' && minutes > 0 && value > empty ? [{ minutes, share: (value - empty) / (before_g - empty) }] : [];
  });
}

/** The tray weighed cold at the end; of what was moved on, nobody knows how much left where. */
function finalShare(document: BatchDocument, measured: MeasurementRow | undefined, minutes: number): Weighed[] {
  if (!measured || measured.before_g === null || measured.after_g === null) return [];
  if (document.heat.steps.some((step) => step.do === 'move' && step.appliance)) return [];
  const { tray_g, before_g, after_g } = measured;
  return [{ minutes: measured.minutes ?? minutes, share: (after_g - tray_g) / (before_g - tray_g) }];
}

/** The pace that predictions use: none where nothing was learned, or where it is switched off. */
export const usedPace = (row: { readonly used: boolean; readonly knowledge: Learned } | undefined): number | null =>
  row && row.used && row.knowledge.belief.batches > 0 ? Math.round(1000 * Math.exp(row.knowledge.belief.logPace)) / 1000 : null;

/** A document as this kitchen's own oven bakes it. */
export function atItsPace(
  document: BatchDocument,
  kit: readonly ApplianceRow[],
  learned: Map<string, Parameters<typeof usedPace>[0]>,
): BatchDocument {
  const own = applianceOf(document, kit);
  const pace = own ? usedPace(learned.get(own.id)) : null;
  if (pace === null) return document;
  return { ...document, heat: { ...document.heat, appliance: { ...document.heat.appliance, pace } } };
}
