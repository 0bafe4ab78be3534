import Joi from 'joi';
import { PLACES, type Places } from '@/core/calls';
import { type Appliance } from '@/core/catalogue';
import { fail, succeed, type Result } from '@/core/failure';
import {
  appliancesOf,
  removeAppliance,
  setAppliance,
  setEnergyPrice,
  setPlaces,
  type ApplianceRow,
  type KitchenRow,
} from '@/db/kitchen';
import { APPLIANCE_SCHEMA } from '@/formats/batch-schema';
import { checkWith } from '@/formats/read-batch';
import { kitchenOf } from './view-kitchen';
import { withDatabase } from './with-database';

/** The kitchen's appliances, and what it needs to tell what they do in this room. */
export type KitView = {
  readonly appliances: readonly ApplianceRow[];
  readonly currency: string;
  readonly energy_per_kwh: number | null;
  readonly room_c: number;
  readonly costs: KitchenRow['costs'];
  readonly places: Places;
};

export const viewKit = (): Promise<Result<KitView>> =>
  withDatabase(async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { id, currency, energy_per_kwh, room_c, costs, places } = kitchen.value;
    return succeed({ appliances: await appliancesOf(db, id), currency, energy_per_kwh, room_c, costs, places });
  });

type KeepRequest = { readonly name: string; readonly appliance: Appliance };
const ID = /^[a-z0-9-]{1,60}$/;
const KEEP_REQUEST = Joi.object<KeepRequest, true>({
  name: Joi.string().trim().min(1).max(80).required(),
  appliance: APPLIANCE_SCHEMA.required(),
});

/** Keeps an appliance under an id, new or changed. Batches keep the appliance they were planned with. */
export const keepAppliance = (id: string, body: unknown): Promise<Result<ApplianceRow>> =>
  withDatabase(async (db) => {
    const request = checkWith(KEEP_REQUEST, body);
    if (!request.ok) return request;
    if (!ID.test(id)) return fail('BAD_VALUE', 'An appliance is kept under small letters, digits and dashes.', 'id');
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const row = { id, ...request.value };
    return (await setAppliance(db, kitchen.value.id, row))
      ? succeed(row)
      : fail('NOT_FOUND', 'This appliance is not of this kitchen.');
  });

export const dropAppliance = (id: string): Promise<Result<{ id: string }>> =>
  withDatabase(async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const gone = await removeAppliance(db, kitchen.value.id, id);
    return gone ? succeed({ id }) : fail('NOT_FOUND', 'There is no such appliance. It may have been taken out already.');
  });

type EnergyRequest = { readonly energy_per_kwh: number | null };
const ENERGY_REQUEST = Joi.object<EnergyRequest, true>({
  energy_per_kwh: Joi.number().greater(0).max(1000).allow(null).required(),
});

/** Notes what a kilowatt hour costs; null forgets it. */
export const saveEnergyPrice = (body: unknown): Promise<Result<EnergyRequest>> =>
  withDatabase(async (db) => {
    const request = checkWith(ENERGY_REQUEST, body);
    if (!request.ok) return request;
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    await setEnergyPrice(db, kitchen.value.id, request.value.energy_per_kwh);
    return request;
  });

const MOST_PLACES = 200;
const PLACES_REQUEST = Joi.object<Places>(
  Object.fromEntries(PLACES.map((id) => [id, Joi.number().integer().min(1).max(MOST_PLACES).required()])),
);

/** Notes how many trays there are, and how many of them fridge and freezer hold. */
export const savePlaces = (body: unknown): Promise<Result<Places>> =>
  withDatabase(async (db) => {
    const request = checkWith(PLACES_REQUEST, body);
    if (!request.ok) return request;
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    await setPlaces(db, kitchen.value.id, request.value);
    return request;
  });
