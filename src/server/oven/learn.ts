import { asMeasured, ownAppliance, type Appliance } from '@/core/catalogue';
import { mapAppliances, namedAppliances } from '@/core/programme';
import type { BatchDocument, Heat } from '@/core/document';
import { heatsInTurn, type StageTimes } from '@/core/calls';
import { succeed, type Result } from '@/core/failure';
import type { Learned, Weighed } from '@/core/learning';
import { callRowsOf } from '@/db/bakes';
import { bakedBatches, batchesBy } from '@/db/batches';
import type { Queryable } from '@/db/client';
import { appliancesOf, type ApplianceRow, type KitchenRow } from '@/db/kitchen';
import { learnedOf, setLearned } from '@/db/learned';
import { measurementsOf, type MeasurementRow } from '@/db/measurements';
import { batchesRead, readingsOf, type ReadingRow } from '@/db/readings';
import { traysOf, type TrayRow } from '@/db/trays';
import { compute } from '../compute/compute';
import type { FinishedTray } from '../compute/jobs/oven-jobs';
import { loadPantry } from '../pantry';
import { minuteOf, stageTimesIn } from './bake-state';
import { coursesOf } from './courses-of';
import { thermometer } from './thermometer';
import { afterwards } from '../with-database';

/** So many batches of an appliance are lived through again; older ones say little of it as it is now. */
const REMEMBERED = 16;
const LOOKED_AT = 120;
/** A tray weighed so soon after it came out still speaks of where it stood. */
const AS_IT_COMES_OUT_MIN = 5;

/** The appliance of the kit that a programme names. */
export const inTheKit = (named: Appliance | undefined, kit: readonly ApplianceRow[]): ApplianceRow | null =>
  ownAppliance(kit, named ?? {}) ?? null;

/** Those of the kit that a batch goes through. */
function appliancesIn(document: BatchDocument, kit: readonly ApplianceRow[]): Set<ApplianceRow> {
  const named = heatsInTurn(document).flatMap(({ heat }) => namedAppliances(heat));
  return new Set(named.flatMap(({ appliance }) => inTheKit(appliance, kit) ?? []));
}

/**
 * Fits the appliances of batches again, each once, after they were weighed or ended, as soon as the transaction that says so stands.
 * What was weighed counts either way: an appliance that could not be fitted just now is with the next batch that is weighed in it.
 */
export async function refitAppliances(db: Queryable, kitchen: KitchenRow, ...batchIds: readonly string[]): Promise<void> {
  const kit = await appliancesOf(db, kitchen.id);
  const used = new Set<ApplianceRow>();
  for (const { document } of await batchesBy(db, kitchen.id, batchIds))
    for (const appliance of appliancesIn(document, kit)) used.add(appliance);
  for (const appliance of used)
    afterwards({
      about: `what ${appliance.name} (${appliance.id}) taught`,
      work: (later) => refitAppliance(later, kitchen, appliance),
    });
}

/** Fits an appliance to its finished batches, the oldest first; keeps whether it is used, and since when. */
export async function refitAppliance(
  db: Queryable,
  kitchen: KitchenRow,
  appliance: ApplianceRow,
  change: { readonly used?: boolean; readonly since?: string | null } = {},
): Promise<Result<Learned>> {
  const before = (await learnedOf(db, kitchen.id)).get(appliance.id);
  const since = change.since === undefined ? (before?.since ?? null) : change.since;
  const kit = await appliancesOf(db, kitchen.id);
  const isOwn = (named: Appliance): boolean => inTheKit(named, kit)?.id === appliance.id;
  const here = (await bakedBatches(db, kitchen.id, LOOKED_AT)).filter(
    ({ document, baked_on }) =>
      [...appliancesIn(document, kit)].some(({ id }) => id === appliance.id) && (since === null || baked_on >= since),
  );
  const all = here.map(({ id }) => id);
  const [measured, read] = [await measurementsOf(db, all), await batchesRead(db, all)];
  // Nothing is learned from a batch that nobody weighed or measured; readings are many, so only of those that count.
  const baked = here.filter(({ id }) => isTold(measured.get(id)) || read.has(id)).slice(-REMEMBERED);
  const ids = baked.map(({ id }) => id);
  const [pantry, readings, callRows, trays] = [
    await loadPantry(db),
    await readingsOf(db, ids),
    await callRowsOf(db, ids),
    await traysOf(db, ids),
  ];
  const finished: FinishedTray[] = [];
  const offsets: number[] = [];
  for (const batch of baked) {
    const courses = await coursesOf(batch.document, pantry);
    if (!courses.ok) continue;
    const times = stageTimesIn(callRows.get(batch.id) ?? []);
    const mine = readings.get(batch.id) ?? [];
    for (const { stage, table, lossSpread, target, minutes, appliance: named } of courses.value) {
      if (!isOwn(named)) continue;
      const stay = times.at(stage);
      const tray = trays.get(batch.id)?.find((one) => one.stage === stage);
      const weighed = [...sharesOf(tray, stay, mine), ...finalShare(batch.document, measured.get(batch.id), minutes)];
      finished.push({ table, lossSpread, target, weighed });
      const offset_K = stay ? thermometer(batch.document, stay, mine) : null;
      if (offset_K !== null) offsets.push(offset_K);
    }
  }
  // Who took the two readings has had a thermometer in it: what is left of its offset is small.
  const offset = offsets.length > 0 ? offsets.reduce((sum, one) => sum + one, 0) / offsets.length : null;
  const thermometer_K = offset ?? (appliance.appliance.heat_up ? 0 : undefined);
  const learned = await compute('learn', { finished, thermometer_K });
  if (!learned.ok) return learned;
  const knowledge = learned.value;
  const now = (await learnedOf(db, kitchen.id)).get(appliance.id);
  // Meanwhile somebody had it begin anew, or said whether it is used.
  if (now && now.since !== (before?.since ?? null)) return succeed(now.knowledge);
  await setLearned(db, kitchen.id, { appliance_id: appliance.id, used: change.used ?? now?.used ?? true, since, knowledge });
  return succeed(knowledge);
}

/** Trays weighed while they stood in an appliance, as shares of what went into it. */
export function sharesOf(tray: TrayRow | undefined, stay: StageTimes | undefined, readings: readonly ReadingRow[]): Weighed[] {
  if (!tray || tray.before_g === null || !stay || stay.in === null) return [];
  const [empty, began, out] = [tray.tray_g ?? 0, stay.in, stay.out ?? Infinity];
  const before = tray.before_g - empty;
  return readings.flatMap(({ kind, value, at }) => {
    const minutes = minuteOf(at) - began;
    const isHere = minutes > 0 && minuteOf(at) <= out + AS_IT_COMES_OUT_MIN;
    return kind === 'tray_g' && isHere && value > empty ? [{ minutes, share: (value - empty) / before }] : [];
  });
}

/** Whether a batch's tray was weighed before and after. */
const isTold = (measured: MeasurementRow | undefined): measured is MeasurementRow & { before_g: number; after_g: number } =>
  measured !== undefined && measured.before_g !== null && measured.after_g !== null;

/** The tray weighed cold at the end; of what was moved on, nobody knows how much left where, and of several programmes which it was. */
function finalShare(document: BatchDocument, measured: MeasurementRow | undefined, minutes: number): Weighed[] {
  if (!isTold(measured)) return [];
  const [{ heat }, ...more] = heatsInTurn(document);
  if (more.length > 0 || heat.steps.some((step) => step.do === 'move' && step.appliance)) return [];
  const { tray_g, before_g, after_g } = measured;
  return [{ minutes: measured.minutes ?? minutes, share: (after_g - tray_g) / (before_g - tray_g) }];
}

/** The pace that predictions use: none where nothing was learned, or where it is switched off. */
export const usedPace = (row: { readonly used: boolean; readonly knowledge: Learned } | undefined): number | null =>
  row && row.used && row.knowledge.belief.batches > 0 ? Math.round(1000 * Math.exp(row.knowledge.belief.logPace)) / 1000 : null;

/** A document in this kitchen's own appliances, as they were last measured and at the pace that they were found to have. */
export const withLearnedPace = (
  document: BatchDocument,
  kit: readonly ApplianceRow[],
  learned: ReadonlyMap<string, Parameters<typeof usedPace>[0]>,
): BatchDocument => {
  const known = (heat: Heat): Heat =>
    mapAppliances(heat, (named) => {
      const own = inTheKit(named, kit);
      if (!own) return named;
      const pace = usedPace(learned.get(own.id));
      const measured = named.id === own.id ? asMeasured(named, own.appliance) : named;
      return { ...measured, id: own.id, ...(pace === null ? {} : { pace }) };
    });
  const { portions } = document;
  return {
    ...document,
    heat: known(document.heat),
    ...(portions ? { portions: portions.map((one) => (one.heat ? { ...one, heat: known(one.heat) } : one)) } : {}),
  };
};
