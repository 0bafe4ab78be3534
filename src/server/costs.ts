import type { Costs } from '@/contract/kit';
import Joi from 'joi';

import { PACK } from '@/core/catalogue';
import type { Result } from '@/core/failure';
import { PACKS } from '@/core/keeping';
import { setCosts } from '@/db/kitchen';
import { checkWith } from '@/formats/read-batch';
import { kitchenOf } from './view-kitchen';
import { withDatabase } from './with-database';

const money = Joi.number().min(0).max(100_000);
const COSTS_REQUEST = Joi.object<Costs>({
  wage_per_hour: money,
  label_price: money,
  overhead_per_batch: money,
  pack_prices: Joi.object(Object.fromEntries(Object.keys(PACKS).map((option) => [option, money]))),
  packs_in_house: Joi.array()
    .items(
      Joi.object({
        option: Joi.string()
          .valid(...Object.keys(PACKS))
          .required(),
        volume_ml: Joi.number().min(PACK.fields.volume_ml.min).max(PACK.fields.volume_ml.max).required(),
        count: Joi.number().integer().min(0).max(100_000).required(),
      }),
    )
    .max(60),
  equipment: Joi.array()
    .items(
      Joi.object({
        name: Joi.string().trim().min(1).max(80).required(),
        price: money.required(),
        batches: Joi.number().integer().min(1).max(100_000).required(),
      }),
    )
    .max(50),
});

/** Notes what work, packs and wear cost; what is left out is not known. */
export const saveCosts = (body: unknown): Promise<Result<Costs>> =>
  withDatabase(async (db) => {
    const request = checkWith(COSTS_REQUEST, body);
    if (!request.ok) return request;
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    await setCosts(db, kitchen.value.id, request.value);
    return request;
  });
