import type { LearnedAppliance, Miss } from '@/contract/log';
import Joi from 'joi';
import { lostShare, type CountedLosses, type LostShare } from '@/core/costing';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { ownAppliance } from '@/core/catalogue';
import { usualGap } from '@/core/shaping';
import { type CupFill, addDays } from '@/core/quantities';
import type { Queryable } from '@/db/client';
import { appliancesInLog, missesOf } from '@/db/log';
import { appliancesOf, setSettings, type ApplianceRow, type KitchenRow } from '@/db/kitchen';
import { learnedOf, setLearned } from '@/db/learned';
import { countedLosses, setLossesUse } from '@/db/losses';
import { checkWith } from '@/formats/read-batch';
import { kitchenOf, todayIn } from '../view-kitchen';
import { withDatabase } from '../with-database';
import { refitAppliance } from './learn';

/** This kitchen's own numbers. */
export type LearnedView = {
  readonly appliances: readonly LearnedAppliance[];
  readonly cup_fill: Exclude<CupFill, 'unknown'> | null;
  /** Gap that hands leave between cut-outs, and the bakes it rests on. */
  readonly gap_mm: number | null;
  readonly gaps: number;
  readonly losses: LostShare &
    Pick<CountedLosses, 'packed' | 'discarded'> & { readonly used: boolean; readonly since: string | null };
};

const SDS_IN_80_PCT = 1.282;
/** A spread below this comes from a thermometer: tray weights alone never get there [K]. */
const SURE_OFFSET_K = 5;

export const viewLearned = (): Promise<Result<LearnedView>> =>
  withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { id, cup_fill, cut_gaps_mm } = kitchen.value;
    const learned = await learnedOf(db, id);
    const kit = await appliancesOf(db, id);
    const missed = await missesByAppliance(db, id, kit);
    const appliances = kit.flatMap(({ id: appliance, name }): LearnedAppliance[] => {
      const row = learned.get(appliance);
      if (!row) return [];
      const { belief, tally } = row.knowledge;
      const sd = Math.sqrt(belief.covariance[0][0]);
      const pace = (deviations: number): number => Math.exp(belief.logPace + deviations * sd);
      return [
        {
          id: appliance,
          name,
          used: row.used,
          since: row.since,
          batches: belief.batches,
          pace: pace(0),
          pace_low: pace(-SDS_IN_80_PCT),
          pace_high: pace(SDS_IN_80_PCT),
          offset_K: Math.sqrt(belief.covariance[1][1]) < SURE_OFFSET_K ? belief.offset_K : null,
          tally,
          misses: missed.get(appliance) ?? [],
        },
      ];
    });
    const { losses_used: used, losses_since: since } = kitchen.value;
    const { packed, discarded, ...counted } = await countedLosses(db, id, since);
    return succeed({
      appliances,
      cup_fill,
      gap_mm: usualGap(cut_gaps_mm),
      gaps: cut_gaps_mm.length,
      losses: { ...lostShare({ ...counted, packed, discarded }), packed, discarded, used, since },
    });
  });

/** Batches that a picture of misses goes back, over all appliances and of one. */
const LOOKED_BACK = 300;
const DRAWN = 24;

/** How the last batches of each appliance came out against their forecasts, the oldest first. */
async function missesByAppliance(db: Queryable, kitchenId: string, kit: readonly ApplianceRow[]): Promise<Map<string, Miss[]>> {
  const said = await appliancesInLog(db, kitchenId);
  const idOf = new Map(said.map(({ key, appliance }) => [key, ownAppliance(kit, appliance)?.id]));
  const of = new Map<string, Miss[]>();
  for (const { appliance_key, ...miss } of await missesOf(db, kitchenId, LOOKED_BACK)) {
    const id = idOf.get(appliance_key);
    if (id === undefined) continue;
    const misses = of.get(id) ?? [];
    if (misses.length < DRAWN) of.set(id, [miss, ...misses]);
  }
  return of;
}

type Change = { readonly used: boolean } | { readonly reset: true };
const CHANGE = Joi.object<Change>({ used: Joi.boolean(), reset: Joi.valid(true) }).xor('used', 'reset');

/** What hands and cups, and what losses taught: ids that no appliance has, since theirs are small letters, digits and dashes. */
const HANDS = 'hands:cups';
const LOSSES = 'kitchen:losses';

/** Switches what was learned of an appliance off or on, or begins anew from the next batch; of the hands it is forgotten. */
export const changeLearned = (applianceId: string, body: unknown): Promise<Result<{ id: string }>> =>
  withDatabase('baker', async (db) => {
    const request = checkWith(CHANGE, body);
    if (!request.ok) return request;
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    if (applianceId === HANDS && 'reset' in request.value) {
      const value = { ...kitchen.value, cup_fill: null, cut_gaps_mm: [] };
      await setSettings(db, kitchen.value.id, { part: 'habits', value }, 'any');
      return succeed({ id: applianceId });
    }
    if (applianceId === LOSSES) {
      const { losses_used, losses_since } = kitchen.value;
      const change = 'used' in request.value ? { losses_used: request.value.used } : { losses_since: tomorrow(kitchen.value) };
      await setLossesUse(db, kitchen.value.id, { losses_used, losses_since, ...change });
      return succeed({ id: applianceId });
    }
    const appliance = (await appliancesOf(db, kitchen.value.id)).find(({ id }) => id === applianceId);
    if (!appliance) return fail('NOT_FOUND', SENTENCES.noSuchAppliance);
    const before = (await learnedOf(db, kitchen.value.id)).get(applianceId);
    if ('used' in request.value && before) {
      await setLearned(db, kitchen.value.id, { ...before, used: request.value.used });
      return succeed({ id: applianceId });
    }
    const change = 'used' in request.value ? { used: request.value.used } : { since: tomorrow(kitchen.value) };
    const fitted = await refitAppliance(db, kitchen.value, appliance, change);
    return fitted.ok ? succeed({ id: applianceId }) : fitted;
  });

const tomorrow = (kitchen: Pick<KitchenRow, 'time_zone'>): string => addDays(todayIn(kitchen), 1);
