import { strFromU8, strToU8, unzip, zip, type AsyncZippable, type Unzipped } from 'fflate';
import Joi from 'joi';
import Papa from 'papaparse';
import { fail, succeed, type Result } from '@/core/failure';

const FORMAT = 'upbeat-oven/kitchen';
const VERSION = 1;

/** What the file says of itself. */
export type KitchenManifest = {
  readonly format: typeof FORMAT;
  readonly version: typeof VERSION;
  readonly exported_at: string;
  /** The newest migration of the database that it comes from. */
  readonly schema: string;
  /** Rows by table, as they stood at one moment. */
  readonly rows: Readonly<Record<string, number>>;
};

/** Everything of a kitchen: rows by table, which a program reads back, and beside them files for people and other programs. */
export type KitchenFile = {
  readonly manifest: Omit<KitchenManifest, 'format' | 'version' | 'rows'>;
  readonly tables: ReadonlyMap<string, readonly Record<string, unknown>[]>;
  /** Pictures by the batch that they show. */
  readonly photos: ReadonlyMap<string, Uint8Array>;
  /** Further files by path. */
  readonly files: ReadonlyMap<string, string>;
};

const MANIFEST = Joi.object<KitchenManifest>({
  format: Joi.string().valid(FORMAT).required(),
  version: Joi.number().valid(VERSION).required(),
  exported_at: Joi.string().isoDate().required(),
  schema: Joi.string().max(100).required(),
  rows: Joi.object().pattern(Joi.string(), Joi.number().integer().min(0)).required(),
});

/** Most that a file may hold once it is unpacked [bytes], and most files. */
const MOST = { bytes: 400e6, files: 50_000 };

/** Writes a kitchen as one ZIP; docs/kitchen-file.md tells its parts. */
export async function writeKitchenZip({ manifest, tables, photos, files }: KitchenFile): Promise<Uint8Array> {
  const rows = Object.fromEntries([...tables].map(([name, all]) => [name, all.length]));
  const content: AsyncZippable = {
    'kitchen.json': strToU8(`${JSON.stringify({ format: FORMAT, version: VERSION, ...manifest, rows }, null, 2)}\n`),
  };
  for (const [name, all] of tables)
    content[`tables/${name}.jsonl`] = strToU8(all.map((row) => `${JSON.stringify(row)}\n`).join(''));
  // Pictures are packed already.
  for (const [batch, picture] of photos) content[`photos/${batch}.jpg`] = [picture, { level: 0 }];
  for (const [path, text] of files) content[path] = strToU8(text);
  return new Promise((resolve, reject) =>
    zip(content, { level: 6 }, (error, data) => (error ? reject(new Error(error.message)) : resolve(data))),
  );
}

/** Rows of a table for people: what is a number, a word or a day, one column each. */
export const tableCsv = (rows: readonly Record<string, unknown>[]): string =>
  Papa.unparse(
    rows.map((row) =>
      Object.fromEntries(
        Object.entries(row).filter(([name, value]) => name !== 'kitchen_id' && (typeof value !== 'object' || value === null)),
      ),
    ),
    { newline: '\n', escapeFormulae: true },
  );

/** Reads a kitchen back out of its ZIP; what is no such file, or too large to be one, is refused with what to do. */
export async function readKitchenZip(bytes: Uint8Array): Promise<Result<KitchenFile & { readonly manifest: KitchenManifest }>> {
  const opened = await unpacked(bytes);
  if (!opened.ok) return opened;
  const found = opened.value;
  if (!found['kitchen.json']) return notOne;
  const manifest = parsed(strFromU8(found['kitchen.json']));
  const checked = MANIFEST.validate(manifest);
  if (checked.error) return notOne;
  const tables = new Map<string, Record<string, unknown>[]>();
  const photos = new Map<string, Uint8Array>();
  for (const [path, content] of Object.entries(found)) {
    const table = /^tables\/([a-z_]+)\.jsonl$/.exec(path)?.[1];
    const photo = /^photos\/([0-9a-f-]{36})\.jpg$/.exec(path)?.[1];
    if (photo) photos.set(photo, content);
    if (!table) continue;
    const rows = strFromU8(content)
      .split('\n')
      .filter((line) => line !== '')
      .map(parsed);
    if (rows.some((row) => typeof row !== 'object' || row === null || Array.isArray(row)))
      return fail('NOT_JSON', `${path} in it cannot be read. Export the kitchen again, and bring that file in.`, path);
    if (rows.length !== checked.value.rows[table])
      return fail('BAD_VALUE', `${path} in it is not whole. Export the kitchen again, and bring that file in.`, path);
    tables.set(table, rows as Record<string, unknown>[]);
  }
  return succeed({ manifest: checked.value, tables, photos, files: new Map() });
}

const notOne = fail('BAD_VALUE', 'This is not a kitchen of Upbeat Oven. Choose the ZIP that "Export all" gave you.');

function parsed(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return null;
  }
}

/** Unpacks what a kitchen's file may hold; a file that grows beyond all measure is left before it is unpacked. */
function unpacked(bytes: Uint8Array): Promise<Result<Unzipped>> {
  let [size, count] = [0, 0];
  const tooLarge = fail('TOO_LARGE', 'This file holds more than any kitchen. Is it the right one?');
  return new Promise((resolve) =>
    unzip(
      bytes,
      {
        filter: ({ originalSize }) => {
          size += originalSize;
          count += 1;
          return size <= MOST.bytes && count <= MOST.files;
        },
      },
      (error, data) => resolve(error ? notOne : size > MOST.bytes || count > MOST.files ? tooLarge : succeed(data)),
    ),
  );
}
