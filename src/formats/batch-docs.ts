import { BATCH } from '@/core/document';
import { fieldTable } from './field-table';
import { jsonSchemaOf, type JsonSchema } from './json-schema-of';

/** The published JSON Schema of a batch document. */
export const batchJsonSchema = (): JsonSchema => ({
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: 'urn:upbeat-oven:batch:1',
  title: 'Upbeat Oven batch, version 1',
  description:
    'One batch from bowl to jar. Units stand in the key names; keys that are not required have defaults, which a prediction lists as `assumed`. Unknown keys are errors. docs/batch-file.md explains every key.',
  ...jsonSchemaOf(BATCH),
});

const BEGINS = '<!-- fields: written by npm run docs -->';
const ENDS = '<!-- end of fields -->';

/** A page with the table of fields between its two marks. */
export function withFieldTable(page: string): string {
  const [from, to] = [page.indexOf(BEGINS), page.indexOf(ENDS)];
  if (from < 0 || to < from) throw new Error(`the page has no place for the table: ${BEGINS} … ${ENDS}`);
  return `${page.slice(0, from + BEGINS.length)}\n\n${fieldTable(BATCH.fields)}\n\n${page.slice(to)}`;
}
