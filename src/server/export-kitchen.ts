import { succeed, type Result } from '@/core/failure';
import type { BatchDocument } from '@/core/document';
import { noteDone } from '@/db/audit';
import type { Queryable } from '@/db/client';
import { KITCHEN_TABLES, rowsOfKitchen, schemaHere, type KitchenTable, type TableRow } from '@/db/kitchen-tables';
import { tableCsv, writeKitchenZip, type KitchenFile } from '@/formats/kitchen-zip';
import { now } from './clock';
import { carriesOwn } from './exchange-recipe';
import { logTable } from './exchange-log';
import { loadPantry } from './pantry';
import { nameOfWho } from './people/members';
import { plainName } from './plain-name';
import { kitchenOf } from './view-kitchen';
import { atOneMoment, withDatabase } from './with-database';

/** Lists that people open elsewhere, by the table that they are of. */
const LISTS: ReadonlyArray<readonly [table: KitchenTable, name: string]> = [
  ['jar', 'jars'],
  ['lot', 'pantry'],
  ['price', 'prices'],
  ['dog', 'dogs'],
];

/** The kitchen that is asked for as one ZIP, as it stood at one moment. */
export async function exportKitchen(): Promise<Result<{ readonly name: string; readonly content: Uint8Array }>> {
  const read = await wholeKitchen();
  const noted = await withDatabase('owner', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    await noteDone(db, {
      kitchen_id: kitchen.value.id,
      person: nameOfWho(),
      what: 'kitchen exported',
      about: kitchen.value.name,
    });
    return succeed(null);
  });
  if (!noted.ok) return noted;
  // Packed once the database is done with: that takes no connection.
  return read.ok ? succeed({ name: read.value.name, content: await writeKitchenZip(read.value.file) }) : read;
}

const wholeKitchen = (): Promise<Result<{ readonly name: string; readonly file: KitchenFile }>> =>
  atOneMoment('owner', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const all = new Map<KitchenTable, TableRow[]>();
    for (const table of KITCHEN_TABLES) all.set(table, await rowsOfKitchen(db, table));
    const photos = new Map(
      (all.get('photo') ?? []).map(({ batch_id, picture }) => [String(batch_id), Buffer.from(String(picture).slice(2), 'hex')]),
    );
    const tables = new Map(all).set(
      'photo',
      (all.get('photo') ?? []).map(({ picture: _apart, ...row }) => row),
    );
    const files = new Map([
      ...(await documents(db, all)),
      ...LISTS.map(([table, name]) => [`${name}.csv`, tableCsv(all.get(table) ?? [])] as const),
    ]);
    const log = await logTable();
    if (!log.ok) return log;
    let text = '';
    for await (const part of log.value) text += part;
    files.set('log.csv', text);
    const manifest = { exported_at: new Date(now()).toISOString(), schema: await schemaHere(db) };
    return succeed({ name: kitchen.value.name, file: { manifest, tables, photos, files } });
  });

/** Every recipe and every batch as its open file, under a name that tells which it is. */
async function documents(
  db: Queryable,
  all: ReadonlyMap<KitchenTable, readonly TableRow[]>,
): Promise<Array<readonly [string, string]>> {
  const pantry = await loadPantry(db);
  const fileOf = (folder: string, { id, name, document }: TableRow): readonly [string, string] => [
    `${folder}/${plainName(String(name))}-${String(id)}.batch.json`,
    `${JSON.stringify(carriesOwn(document as BatchDocument, pantry), null, 2)}\n`,
  ];
  return [
    ...(all.get('recipe') ?? []).map((row) => fileOf('recipes', row)),
    ...(all.get('batch') ?? []).map((row) => fileOf('batches', row)),
  ];
}
