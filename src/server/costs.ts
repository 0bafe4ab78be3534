import type { Costs } from '@/contract/kit';
import Joi from 'joi';

import { PACK } from '@/core/catalogue';
import type { Result } from '@/core/failure';
import { PACKS } from '@/core/keeping';
import type { SavedOver } from './save-over';
import { saveSettings } from './settings';

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
export const saveCosts = (body: unknown): Promise<Result<SavedOver<Costs>>> =>
  saveSettings('costs', 'what things cost', COSTS_REQUEST, body);
