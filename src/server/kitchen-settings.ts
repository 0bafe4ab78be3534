import Joi from 'joi';
import type { Identity, KitchenPlace, SettingsView } from '@/contract/kitchens';
import type { Version } from '@/contract/version';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { A_DAY_S, SEASONS, seasonOf } from '@/core/quantities';
import { READINGS, type Reader } from '@/core/said';
import { maybeKitchen } from '@/db/kitchen';
import { changedRecipes } from '@/db/recipes';
import { who } from './asked';
import { now } from './clock';
import { allCountries, allCurrencies, allTimeZones } from './countries';
import { forgetKitchens, kitchens } from './kitchen-pools';
import { versionOf, type SavedOver } from './save-over';
import { saveSettings } from './settings';
import { sharingNow } from './sharing/sharing-now';
import { lastCopyAt } from './last-copy';
import { todayIn } from './view-kitchen';
import { withDatabase } from './with-database';

/** A copy is made daily: none for so long means that something is wrong. */
const COPY_GROWS_OLD_MS = 7 * A_DAY_S * 1000;

/** Land lies between the shore of the Dead Sea and the highest towns. */
export const ALTITUDE_M = Joi.number().min(-420).max(5000);

/** What belongs to the kitchen as a whole, and what may be chosen for it. */
export const viewSettings = (): Promise<Result<SettingsView>> =>
  withDatabase('guest', async (db) => {
    const kitchen = await maybeKitchen(db);
    if (!kitchen) return fail('NOT_FOUND', SENTENCES.noKitchen);
    const { id, name, is_demo, address, revisions } = kitchen;
    const { reads, measures, cup_fill, scale_step_g, cut_gaps_mm, energy_per_kwh } = kitchen;
    const { country, currency, time_zone, altitude_m, room_c, room_rh_pct, seasons } = kitchen;
    const copied = await lastCopyAt();
    return succeed({
      kitchen: { id, name, is_demo },
      identity: standing(revisions.identity, { name, address }),
      place: standing(revisions.place, { country, currency, time_zone, altitude_m, room_c, room_rh_pct, seasons }),
      reads: standing(revisions.reads, reads),
      habits: standing(revisions.habits, { measures, cup_fill, scale_step_g, cut_gaps_mm }),
      energy: standing(revisions.energy, { energy_per_kwh }),
      kitchens: await kitchens(),
      countries: allCountries(),
      currencies: allCurrencies(),
      time_zones: allTimeZones(),
      machine_zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
      season: seasonOf(todayIn(kitchen)),
      copied_at: copied?.toISOString() ?? null,
      copy_is_old: copied === null || now() - copied.getTime() > COPY_GROWS_OLD_MS,
      me: meIn(id),
      sharing: await sharingNow(db),
      own_recipes: is_demo ? (await changedRecipes(db, id)).length : 0,
    });
  });

function meIn(kitchenId: string): SettingsView['me'] {
  const asking = who();
  return asking.kind === 'person' ? { name: asking.name, role: asking.roles.get(kitchenId) ?? null, reads: asking.reads } : null;
}

/** A part of the settings as it stands. */
const standing = <T>(revision: number, document: T): Version<T> => versionOf({ revision, updated_at: new Date(now()) }, document);

/** Longest address on a label [lines, letters a line]. */
const ADDRESS = { lines: 5, letters: 80 };
const IDENTITY = Joi.object<Identity, true>({
  name: Joi.string().trim().min(1).max(80).required(),
  address: Joi.string()
    .trim()
    .allow('')
    .pattern(new RegExp(`^(?:.{0,${ADDRESS.letters}}(?:\\n|$)){0,${ADDRESS.lines}}$`))
    .messages({
      'string.pattern.base': `An address has up to ${ADDRESS.lines} lines of up to ${ADDRESS.letters} letters.`,
    })
    .required(),
});

/** Keeps what the kitchen is called, and its address. */
export async function saveIdentity(body: unknown): Promise<Result<SavedOver<Identity>>> {
  const saved = await saveSettings('identity', 'the name and the address', IDENTITY, body);
  // Its name is what one chooses it by.
  if (saved.ok) forgetKitchens();
  return saved;
}

const AIR = {
  room_c: Joi.number().min(-5).max(45).required(),
  room_rh_pct: Joi.number().min(5).max(98).required(),
};
const PLACE = Joi.object<KitchenPlace, true>({
  country: Joi.string()
    .valid(...allCountries().map(({ code }) => code))
    .allow(null)
    .required(),
  currency: Joi.string()
    .valid(...allCurrencies().map(({ code }) => code))
    .required(),
  time_zone: Joi.string()
    .valid(...allTimeZones(), 'UTC')
    .allow(null)
    .required(),
  altitude_m: ALTITUDE_M.required(),
  ...AIR,
  seasons: Joi.object(Object.fromEntries(SEASONS.map((season) => [season, Joi.object(AIR)]))).required(),
});

/** Keeps where the kitchen stands, what its air is like, and what is paid with. Nothing that was saved is predicted anew. */
export const savePlace = (body: unknown): Promise<Result<SavedOver<KitchenPlace>>> =>
  saveSettings('place', 'where the kitchen stands', PLACE, body);

const one = (choices: readonly string[]): Joi.StringSchema =>
  Joi.string()
    .valid(...choices)
    .required();
const READS = Joi.object<Reader>(Object.fromEntries(Object.entries(READINGS).map(([key, choices]) => [key, one(choices)])));

/** Keeps in what numbers are read in this kitchen. Documents stay as they are. */
export async function saveReads(body: unknown): Promise<Result<SavedOver<Reader>>> {
  const saved = await saveSettings('reads', 'in what numbers are read', READS, body);
  if (saved.ok) forgetKitchens();
  return saved;
}
