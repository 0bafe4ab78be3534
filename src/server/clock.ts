import Joi from 'joi';
import { isDay } from '@/core/quantities';

/** The day it is in the kitchen: the server stands there, and its time zone is the kitchen's unless another is named. */
export const isoDay = (at: Date, timeZone?: string): string =>
  // Of all languages' dates, the Swedish one is the ISO date.
  new Intl.DateTimeFormat('sv-SE', { timeZone, year: 'numeric', month: '2-digit', day: '2-digit' }).format(at);
export const today = (): string => isoDay(new Date());

/** Midnight of an ISO day on the kitchen's clock [ms since 1970]. */
export const midnightOf = (day: string): number => new Date(`${day}T00:00:00`).getTime();

/** A day of the calendar in a request. */
export const DAY_FIELD = Joi.string()
  .custom((day: string, { error }) => (isDay(day) ? day : error('day')))
  .messages({ day: '"{#label}" must be a day of the calendar, written like 2026-11-25' });
