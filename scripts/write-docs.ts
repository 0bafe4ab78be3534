/** Writes what docs/ says of the batch file's and the day file's keys from what checks them: `npm run docs`. A test fails while it is stale. */
import { readFile, writeFile } from 'node:fs/promises';
import { batchJsonSchema, withFieldTable } from '@/formats/batch-docs';
import { withDayTable } from '@/formats/day-docs';
import { formatted } from './formatted';

const SCHEMA = 'docs/batch.schema.json';
const PAGE = 'docs/batch-file.md';
const DAY_PAGE = 'docs/day-file.md';

const write = async (file: string, content: string): Promise<void> => writeFile(file, await formatted(file, content));

await write(SCHEMA, JSON.stringify(batchJsonSchema()));
await write(PAGE, withFieldTable(await readFile(PAGE, 'utf8')));
await write(DAY_PAGE, withDayTable(await readFile(DAY_PAGE, 'utf8')));
