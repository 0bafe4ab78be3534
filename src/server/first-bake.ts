import type { FirstBakeView } from '@/contract/kit';
import { fail, succeed, type Result } from '@/core/failure';
import { firstBake, type FirstTrays } from '@/core/teaching';
import type { BatchDocument } from '@/core/document';
import type { Appliance } from '@/core/catalogue';
import { addBatch } from '@/db/batches';
import { appliancesOf } from '@/db/kitchen';
import { computeResult } from './compute/compute';
import { forecast } from './forecast';
import { beginBatch } from './oven/begin-bake';
import { loadPantry } from './pantry';
import { kitchenOf } from './view-kitchen';
import { inTransaction, withDatabase } from './with-database';

type Known = {
  readonly id: string;
  readonly name: string;
  readonly appliance: Appliance;
  readonly air: BatchDocument['kitchen'];
};

/** Which five small trays would teach the model an oven the most, and how well it would be known then. */
export const viewFirstBake = async (applianceId: string): Promise<Result<FirstBakeView>> => {
  const chosen = await chooseTrays(applianceId, 'guest');
  return chosen.ok ? succeed(chosen.value.chosen) : chosen;
};

/** Makes the bowl of a first bake and begins it at the oven. */
export const beginFirstBake = async (applianceId: string): Promise<Result<{ batch: string }>> => {
  const worked = await chooseTrays(applianceId, 'baker');
  if (!worked.ok) return worked;
  const { known, chosen } = worked.value;
  const name = `First bake: ${known.name}`;
  const document = firstBake(chosen.trays, { ...known.appliance, id: known.id }, name, known.air);
  return inTransaction('baker', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const predicted = await forecast(document, await loadPantry(db), false);
    if (!predicted.ok) return predicted;
    const batch = { kitchenId: kitchen.value.id, recipeId: null, name, document, forecast: predicted.value };
    return beginBatch(await addBatch(db, batch));
  });
};

async function chooseTrays(
  applianceId: string,
  least: 'guest' | 'baker',
): Promise<Result<{ readonly known: Known; readonly chosen: FirstTrays }>> {
  const read = await withDatabase(least, async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { id: kitchenId, altitude_m, room_c, room_rh_pct } = kitchen.value;
    const own = (await appliancesOf(db, kitchenId)).find(({ id }) => id === applianceId);
    if (!own) return fail('NOT_FOUND', 'This appliance is not in the kit of this kitchen any more.');
    const { id, name, appliance } = own;
    return succeed({ known: { id, name, appliance, air: { altitude_m, room_c, room_rh_pct } }, pantry: await loadPantry(db) });
  });
  if (!read.ok) return read;
  const { known, pantry } = read.value;
  const chosen = await computeResult('firstTrays', { appliance: known.appliance, air: known.air, pantry });
  return chosen.ok ? succeed({ known, chosen: chosen.value }) : chosen;
}
