import Joi from 'joi';
import { isDay } from '@/core/quantities';

/** A day of the calendar in a request. */
export const DAY_FIELD = Joi.string()
  .custom((day: string, { error }) => (isDay(day) ? day : error('day')))
  .messages({ day: '"{#label}" must be a day of the calendar, written like 2026-11-25' });
