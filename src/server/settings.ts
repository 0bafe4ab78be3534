import type Joi from 'joi';
import type { Role } from '@/core/people';
import type { Result } from '@/core/failure';
import { noteDone } from '@/db/audit';
import { maybeKitchen, setSettings, type KitchenRow, type Settings } from '@/db/kitchen';
import { now } from './clock';
import { nameOfWho } from './people/members';
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

/** Who may change each part: what the kitchen is and how it is read is its owners', what is worked with the bakers'. */
const WHO_MAY: Readonly<Record<keyof Settings, Role>> = {
  habits: 'baker',
  places: 'baker',
  costs: 'baker',
  energy: 'baker',
  reads: 'owner',
  identity: 'owner',
  place: 'owner',
};

/** Saves one part of the kitchen's settings over the revision it was changed from; a stale save changes nothing. */
export const saveSettings = <K extends keyof Settings>(
  part: K,
  what: string,
  schema: Joi.ObjectSchema<Settings[K]>,
  body: unknown,
): Promise<Result<SavedOver<Settings[K]>>> =>
  withDatabase<SavedOver<Settings[K]>>(WHO_MAY[part], async (db) => {
    const request = checkSave(schema, body);
    if (!request.ok) return request;
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { revision, document } = request.value;
    const saved = await setSettings(db, kitchen.value.id, { part, value: document }, revision);
    if (saved && WHO_MAY[part] === 'owner')
      await noteDone(db, { kitchen_id: kitchen.value.id, person: nameOfWho(), what: 'settings changed', about: what });
    return savedOver(saved, {
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
