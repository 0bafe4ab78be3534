import Joi from 'joi';
import type { Result } from '@/core/failure';
import { CUP_FILLS } from '@/core/quantities';
import type { HabitsRow } from '@/db/kitchen';
import type { Writable } from '@/formats/read-batch';
import type { SavedOver } from './save-over';
import { saveSettings } from './settings';

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
export const saveHabits = (body: unknown): Promise<Result<SavedOver<HabitsRow>>> =>
  saveSettings('habits', 'how this kitchen measures', HABITS, body);
