import { randomUUID } from 'node:crypto';
import Joi from 'joi';
import type { NewKitchenRequest } from '@/contract/kitchens';
import { APPLIANCE_KINDS } from '@/core/catalogue';
import { fail, succeed, type Result } from '@/core/failure';
import { UNKNOWN_DOG } from '@/core/feeding';
import { usualReader } from '@/core/said';
import { setDog } from '@/db/dogs';
import { addKitchen } from '@/db/kitchens';
import { setAppliance, setSettings } from '@/db/kitchen';
import { checkWith } from '@/formats/read-batch';
import { allCountries } from './countries';
import { forgetKitchens, kitchens } from './kitchen-pools';
import { ALTITUDE_M } from './kitchen-settings';
import { ownedBy } from './people/members';
import { inKitchen, refusedHere, withDatabase } from './with-database';

/** Kitchens that one house may hold. */
const MOST_KITCHENS = 50;
/** A room's air until somebody says otherwise. */
const USUAL_AIR = { room_c: 20, room_rh_pct: 50 };
const USUAL_CURRENCY = 'EUR';

const name = Joi.string().trim().min(1).max(80);
const NEW_KITCHEN = Joi.object<NewKitchenRequest>({
  name: name.required(),
  country: Joi.string()
    .valid(...allCountries().map(({ code }) => code))
    .allow(null)
    .required(),
  altitude_m: ALTITUDE_M.required(),
  measures: Joi.string().valid('us', 'metric', 'imperial').required(),
  appliances: Joi.array()
    .items(
      Joi.object({
        kind: Joi.string()
          .valid(...APPLIANCE_KINDS)
          .required(),
        name: name.required(),
      }),
    )
    .max(20)
    .required(),
  dog: Joi.object({ name: name.required(), weight_kg: Joi.number().min(0.5).max(120).required() })
    .allow(null)
    .required(),
});

/** Makes a kitchen of one's own, with nothing in it but what was asked. */
export async function setUpKitchen(body: unknown): Promise<Result<{ id: string }>> {
  const refused = await refusedHere('owner');
  if (refused) return refused;
  const request = checkWith(NEW_KITCHEN, body);
  if (!request.ok) return request;
  const there = await withDatabase('owner', async () => succeed(await kitchens()));
  if (!there.ok) return there;
  if (there.value.length >= MOST_KITCHENS)
    return fail('OUT_OF_RANGE', `There are ${MOST_KITCHENS} kitchens here already. Remove one that is not used any more.`);
  const made = await fill(randomUUID(), request.value);
  if (made.ok) forgetKitchens();
  return made;
}

const fill = (
  id: string,
  { name: named, country, altitude_m, measures, ...inside }: NewKitchenRequest,
): Promise<Result<{ id: string }>> =>
  // Who may was asked before; the kitchen is none of theirs until it is there.
  inKitchen(id, 'anybody', async (db) => {
    await addKitchen(db, { id, name: named, is_demo: false, altitude_m, ...USUAL_AIR });
    const currency = allCountries().find(({ code }) => code === country)?.currency ?? USUAL_CURRENCY;
    const place = { country, currency, time_zone: null, altitude_m, ...USUAL_AIR, seasons: {} };
    await setSettings(db, id, { part: 'place', value: place }, 'any');
    await setSettings(db, id, { part: 'reads', value: usualReader(measures) }, 'any');
    await setSettings(db, id, { part: 'habits', value: { measures, cup_fill: null, scale_step_g: 1, cut_gaps_mm: [] } }, 'any');
    for (const [at, { kind, name: called }] of inside.appliances.entries())
      await setAppliance(db, id, { id: `${kind}-${at + 1}`, name: called, appliance: { kind, thermostat_offset_c: 0 } }, 'any');
    if (inside.dog) await setDog(db, id, { id: randomUUID(), kind: '', note: '', ...UNKNOWN_DOG, ...inside.dog }, 'any');
    await ownedBy(db, id, 'kitchen set up', named);
    return succeed({ id });
  });
