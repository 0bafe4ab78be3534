import Joi from 'joi';
import type { Result } from '@/core/failure';
import { CUP_FILLS } from '@/core/quantities';
import { setHabits, type HabitsRow } from '@/db/kitchen';
import { checkWith, type Writable } from '@/formats/read-batch';
import { kitchenOf } from './view-kitchen';
import { withDatabase } from './with-database';

const HABITS = Joi.object<Writable<HabitsRow>, true>({
  measures: Joi.string().valid('us', 'metric', 'imperial').required(),
  cup_fill: Joi.string()
    .valid(...CUP_FILLS)
    .allow(null)
    .required(),
  scale_step_g: Joi.number().valid(1, 5).required(),
  cut_gaps_mm: Joi.array().items(Joi.number().min(0).max(12)).max(5).required(),
});

/** Remembers how the bakers of this kitchen measure and cut, so that they are asked once. */
export const saveHabits = (body: unknown): Promise<Result<HabitsRow>> =>
  withDatabase(async (db) => {
    const habits = checkWith(HABITS, body);
    if (!habits.ok) return habits;
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    await setHabits(db, kitchen.value.id, habits.value);
    return habits;
  });
