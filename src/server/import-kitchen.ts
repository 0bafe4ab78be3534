import { fail, succeed, type Result } from '@/core/failure';
import { noWayBack } from '@/db/failures';
import { KITCHEN_TABLES, putRows, schemaHere, type KitchenTable, type TableRow } from '@/db/kitchen-tables';
import { readKitchenZip, type KitchenFile } from '@/formats/kitchen-zip';
import { readBatch } from '@/formats/read-batch';
import { pictureFormat } from './pictures';
import { forgetKitchens, kitchens } from './kitchen-pools';
import { ownedBy } from './people/members';
import { inKitchen, refusedHere, withDatabase } from './with-database';

/**
 * Brings a kitchen in that was exported here or on another machine: the same kitchen, whole or not at all.
 *
 * @returns its id
 */
export async function importKitchen(bytes: Uint8Array): Promise<Result<{ readonly id: string; readonly name: string }>> {
  const refused = await refusedHere('owner');
  if (refused) return refused;
  const read = await readKitchenZip(bytes);
  if (!read.ok) return read;
  const file = read.value;
  const [row] = file.tables.get('kitchen') ?? [];
  if (typeof row?.id !== 'string' || typeof row.name !== 'string' || !/^[\w-]{1,60}$/.test(row.id))
    return fail('BAD_VALUE', 'This file does not say which kitchen it is. Export it again.');
  const { id, name } = { id: row.id, name: row.name };
  const there = await withDatabase('owner', async (db) => succeed({ kitchens: await kitchens(), schema: await schemaHere(db) }));
  if (!there.ok) return there;
  const same = there.value.kitchens.find((one) => one.id === id);
  if (same)
    return fail(
      'OUT_OF_RANGE',
      `This kitchen is in this house already, as ${same.name}. Remove it first, or bring the file in on another machine.`,
    );
  if (file.manifest.schema > there.value.schema)
    return fail('OUT_OF_RANGE', 'This file comes from a newer Upbeat Oven. Update this one first, then bring it in.');
  const checked = await checkedTables(file, id);
  if (!checked.ok) return checked;
  try {
    const put = await inKitchen(id, 'anybody', async (db) => {
      for (const table of KITCHEN_TABLES) await putRows(db, table, checked.value.get(table) ?? []);
      await ownedBy(db, id, 'kitchen brought in', name);
      return succeed({ id, name });
    });
    if (put.ok) forgetKitchens();
    return put;
  } catch (error) {
    if (noWayBack(error) === null) throw error;
    return fail(
      'OUT_OF_RANGE',
      'Something in it belongs to another kitchen of this house already. Bring it in where that kitchen is not, or remove that one first.',
    );
  }
}

/** Rows that may go in: documents that this program understands, pictures that are pictures, all of them of this kitchen. */
async function checkedTables(
  file: KitchenFile,
  kitchenId: string,
): Promise<Result<ReadonlyMap<KitchenTable, readonly TableRow[]>>> {
  const tables = new Map<KitchenTable, readonly TableRow[]>();
  for (const table of KITCHEN_TABLES) {
    const rows = file.tables.get(table) ?? [];
    const stray = rows.find((row) => (table === 'kitchen' ? row.id : row.kitchen_id) !== kitchenId);
    if (stray || (table === 'kitchen' && rows.length !== 1))
      return fail('BAD_VALUE', `tables/${table}.jsonl holds rows of another kitchen. Export the kitchen again.`, table);
    tables.set(table, rows);
  }
  for (const table of ['recipe', 'batch'] as const)
    for (const row of tables.get(table) ?? []) {
      const document = readBatch(JSON.stringify(row.document));
      if (!document.ok) return fail(document.code, `${String(row.name)} in it: ${document.message}`, table);
    }
  return withPictures(tables, file.photos);
}

async function withPictures(
  tables: Map<KitchenTable, readonly TableRow[]>,
  photos: KitchenFile['photos'],
): Promise<Result<ReadonlyMap<KitchenTable, readonly TableRow[]>>> {
  const rows: TableRow[] = [];
  for (const row of tables.get('photo') ?? []) {
    const picture = photos.get(String(row.batch_id));
    const format = picture && (await pictureFormat(picture));
    if (!picture || !format) return fail('BAD_VALUE', 'A photo in it is no picture. Export the kitchen again.', 'photo');
    rows.push({ ...row, media_type: `image/${format}`, picture: `\\x${Buffer.from(picture).toString('hex')}` });
  }
  return succeed(tables.set('photo', rows));
}
