import type Joi from 'joi';
import type { Result } from '@/core/failure';
import { maybeKitchen, setSettings, type KitchenRow, type Settings } from '@/db/kitchen';
import { now } from './clock';
import { checkSave, savedOver, type SavedOver } from './save-over';
import { kitchenOf } from './view-kitchen';
import { withDatabase } from './with-database';

/** Each part as it stands in a kitchen. */
const STANDS: { readonly [K in keyof Settings]: (kitchen: KitchenRow) => Settings[K] } = {
  habits: ({ measures, cup_fill, scale_step_g, cut_gaps_mm }) => ({ measures, cup_fill, scale_step_g, cut_gaps_mm }),
  places: ({ places }) => places,
  costs: ({ costs }) => costs,
  energy: ({ energy_per_kwh }) => ({ energy_per_kwh }),
  reads: ({ reads }) => reads,
  identity: ({ name, address }) => ({ name, address }),
  place: ({ country, currency, time_zone, altitude_m, room_c, room_rh_pct, seasons }) => ({
    ...{ country, currency, time_zone, altitude_m, room_c, room_rh_pct, seasons },
  }),
};

/** Saves one part of the kitchen's settings over the revision it was changed from; a stale save changes nothing. */
export const saveSettings = <K extends keyof Settings>(
  part: K,
  what: string,
  schema: Joi.ObjectSchema<Settings[K]>,
  body: unknown,
): Promise<Result<SavedOver<Settings[K]>>> =>
  withDatabase<SavedOver<Settings[K]>>(async (db) => {
    const request = checkSave(schema, body);
    if (!request.ok) return request;
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { revision, document } = request.value;
    return savedOver(await setSettings(db, kitchen.value.id, { part, value: document }, revision), {
      what,
      gone: 'This kitchen is gone.',
      current: async () => {
        const stands = await maybeKitchen(db);
        if (!stands) return null;
        return {
          revision: stands.revisions[part],
          document: STANDS[part](stands),
          saved_at: new Date(now()).toISOString(),
        };
      },
    });
  });
