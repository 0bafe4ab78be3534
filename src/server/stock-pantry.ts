import Joi from 'joi';
import { fail, succeed, type Result } from '@/core/failure';
import { ownIngredient, waterByDrying, type OwnComposition } from '@/core/pantry';
import { addLot, ingredients, maybeLot, pricesOf, setLotLeft, setPrice, stockIngredients } from '@/db/pantry';
import { OWN_COMPOSITION } from '@/formats/batch-schema';
import { checkWith } from '@/formats/read-batch';
import { now } from './clock';
import { DAY_FIELD } from './day-field';
import { loadPantry } from './pantry';
import { refreshRecipes } from './refresh-recipes';
import { checkSave, savedOver, versionOf, type SavedOver } from './save-over';
import { kitchenOf } from './view-kitchen';
import { inTransaction, withDatabase } from './with-database';

const name = Joi.string().trim().max(120);
const grams = Joi.number().greater(0).max(100_000);

type OwnRequest = { readonly name: string; readonly composition: OwnComposition; readonly pack_g?: number };
const OWN_REQUEST = Joi.object<OwnRequest, true>({
  name: name.required(),
  composition: OWN_COMPOSITION.required(),
  pack_g: grams,
});

/** Puts a baker's own ingredient on the shelf, from the panel of its packet; sums that make no sense are refused. */
export const addOwnIngredient = (body: unknown): Promise<Result<{ id: string }>> =>
  inTransaction('baker', async (db) => {
    const request = checkWith(OWN_REQUEST, body);
    if (!request.ok) return request;
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { composition, pack_g } = request.value;
    const made = ownIngredient(request.value.name, composition);
    if (!made.ok) return made;
    const rows = await ingredients(db);
    const taken = rows.find(
      (row) => !row.own && (row.id === made.value.id || row.name.toLowerCase() === made.value.name.toLowerCase()),
    );
    if (taken) return fail('BAD_VALUE', `The pantry has "${taken.name}" already. Give yours a name of its own.`, 'name');
    await stockIngredients(db, [{ ...made.value, packs_g: pack_g === undefined ? [] : [pack_g] }], kitchen.value.id);
    await refreshRecipes(db, made.value.id);
    return succeed({ id: made.value.id });
  });

type PriceRequest = { readonly ingredient: string; readonly pack_g: number; readonly price: number | null };
const PRICE_REQUEST = Joi.object<PriceRequest, true>({
  ingredient: name.required(),
  pack_g: grams.required(),
  price: Joi.number().min(0).max(10_000).allow(null).required(),
});

/** Notes what a pack really cost, over the price that it was changed from; null takes the price away. */
export const savePrice = (body: unknown): Promise<Result<SavedOver<PriceRequest>>> =>
  withDatabase<SavedOver<PriceRequest>>('baker', async (db) => {
    const request = checkSave(PRICE_REQUEST, body);
    if (!request.ok) return request;
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { id } = kitchen.value;
    const { revision, document } = request.value;
    const { ingredient, pack_g, price } = document;
    const change = { ingredient, price: price === null ? null : { pack_g, price } };
    return savedOver(await setPrice(db, id, change, revision), {
      what: 'this price',
      gone: 'This price is gone.',
      current: async () => {
        const stands = (await pricesOf(db, id)).find((row) => row.ingredient_id === ingredient);
        const kept = { ingredient, pack_g: stands?.pack_g ?? pack_g, price: stands?.price ?? null };
        return versionOf({ revision: stands?.revision ?? 0, updated_at: new Date(now()) }, kept);
      },
    });
  });

type LotRequest = {
  readonly ingredient: string;
  readonly left_g: number;
  readonly got_on: string;
  readonly best_before: string | null;
  readonly note: string;
  /** What all of it cost: from then on this is what the ingredient costs. */
  readonly paid?: number;
  /** A sample weighed wet and dry, for by-products. */
  readonly sample?: { readonly wet_g: number; readonly dry_g: number };
};
const LOT_REQUEST = Joi.object<LotRequest, true>({
  ingredient: name.required(),
  left_g: grams.required(),
  got_on: DAY_FIELD.required(),
  best_before: DAY_FIELD.allow(null).required(),
  note: Joi.string().trim().allow('').max(300).required(),
  paid: Joi.number().min(0).max(10_000),
  sample: Joi.object({ wet_g: grams.required(), dry_g: grams.required() }),
});

/** Takes a lot into the house, with its moisture when a sample of it was weighed, dried and weighed again. */
export const addToHouse = (body: unknown): Promise<Result<{ id: string; water_pct: number | null }>> =>
  inTransaction('baker', async (db) => {
    const request = checkWith(LOT_REQUEST, body);
    if (!request.ok) return request;
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { ingredient, sample, paid, ...lot } = request.value;
    if (!(await loadPantry(db)).has(ingredient))
      return fail('UNKNOWN_INGREDIENT', `There is no "${ingredient}" in the pantry.`, 'ingredient');
    const tested = sample ? waterByDrying(sample.wet_g, sample.dry_g) : null;
    if (tested && !tested.ok) return tested;
    const water_pct = tested?.ok ? Math.round(tested.value.water_pct * 10) / 10 : null;
    if (paid !== undefined)
      await setPrice(db, kitchen.value.id, { ingredient, price: { pack_g: lot.left_g, price: paid } }, 'any');
    return succeed({ id: await addLot(db, kitchen.value.id, { ingredient_id: ingredient, ...lot, water_pct }), water_pct });
  });

type LeftRequest = { readonly left_g: number };
const LEFT_REQUEST = Joi.object<LeftRequest, true>({ left_g: Joi.number().min(0).max(100_000).required() });

/** Notes what is left of a lot, over what it was changed from; nothing left takes it off the shelf. */
export const noteLeft = (id: string, body: unknown): Promise<Result<SavedOver<LeftRequest>>> =>
  withDatabase<SavedOver<LeftRequest>>('helper', async (db) => {
    const request = checkSave(LEFT_REQUEST, body);
    if (!request.ok) return request;
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { revision, document } = request.value;
    return savedOver(await setLotLeft(db, kitchen.value.id, { id, ...document }, revision), {
      what: 'this lot',
      gone: 'This lot is no longer on the shelf.',
      current: async () => {
        const stands = await maybeLot(db, kitchen.value.id, id);
        return stands && versionOf(stands, { left_g: stands.left_g });
      },
    });
  });
