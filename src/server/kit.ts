import Joi from 'joi';
import type { ApplianceFacts, KitView } from '@/contract/kit';
import { PLACES, type Places } from '@/core/calls';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { appliancesOf, setAppliance, type StoredAppliance } from '@/db/kitchen';
import { APPLIANCE_SCHEMA } from '@/formats/batch-schema';
import { checkSave, savedOver, versionOf, type SavedOver } from './save-over';
import { saveSettings } from './settings';
import { kitchenOf } from './view-kitchen';
import { inTransaction, withDatabase } from './with-database';
import { binOne } from './bin';
import type { Binned } from '@/contract/bin';

export const viewKit = (): Promise<Result<KitView>> =>
  withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { id, currency, room_c, costs, places, revisions } = kitchen.value;
    const appliances = (await appliancesOf(db, id)).map((row) => ({ id: row.id, ...versionOf(row, factsOf(row)) }));
    return succeed({ appliances, currency, room_c, costs, places, revisions });
  });

const factsOf = ({ name, appliance }: StoredAppliance): ApplianceFacts => ({ name, appliance });

const ID = /^[a-z0-9-]{1,60}$/;
const FACTS = Joi.object<ApplianceFacts, true>({
  name: Joi.string().trim().min(1).max(80).required(),
  appliance: APPLIANCE_SCHEMA.required(),
});

/**
 * Keeps an appliance under an id, new or over the revision it was changed from; a stale save changes nothing. Batches keep
 * the appliance they were planned with.
 */
export const keepAppliance = (id: string, body: unknown): Promise<Result<SavedOver<ApplianceFacts>>> =>
  withDatabase<SavedOver<ApplianceFacts>>('baker', async (db) => {
    const request = checkSave(FACTS, body);
    if (!request.ok) return request;
    if (!ID.test(id)) return fail('BAD_VALUE', SENTENCES.notAnId('An appliance'), 'id');
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { revision, document } = request.value;
    return savedOver(await setAppliance(db, kitchen.value.id, { id, ...document }, revision), {
      what: 'this appliance',
      gone: 'This appliance is not in the kit of this kitchen any more.',
      current: async () => {
        const row = (await appliancesOf(db, kitchen.value.id)).find((one) => one.id === id);
        return row ? versionOf(row, factsOf(row)) : null;
      },
    });
  });

export const dropAppliance = (id: string): Promise<Result<Binned>> =>
  inTransaction('baker', (db) => binOne(db, { kind: 'appliance', id }));

type EnergyRequest = { readonly energy_per_kwh: number | null };
const ENERGY_REQUEST = Joi.object<EnergyRequest, true>({
  energy_per_kwh: Joi.number().greater(0).max(1000).allow(null).required(),
});

/** Notes what a kilowatt hour costs; null forgets it. */
export const saveEnergyPrice = (body: unknown): Promise<Result<SavedOver<EnergyRequest>>> =>
  saveSettings('energy', 'the price of energy', ENERGY_REQUEST, body);

const MOST_PLACES = 200;
const PLACES_REQUEST = Joi.object<Places>(
  Object.fromEntries(PLACES.map((id) => [id, Joi.number().integer().min(1).max(MOST_PLACES).required()])),
);

/** Notes how many trays there are, and how many of them fridge and freezer hold. */
export const savePlaces = (body: unknown): Promise<Result<SavedOver<Places>>> =>
  saveSettings('places', 'the trays and places', PLACES_REQUEST, body);
