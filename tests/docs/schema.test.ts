/** The published JSON Schemas say what the program does: the same documents pass and fail. */
import { readFileSync, readdirSync } from 'node:fs';
import Ajv2020 from 'ajv/dist/2020';
import { describe, expect, it } from 'vitest';
import { BATCH } from '@/core/document';
import type { Field, NumberField, Quantity } from '@/core/fields';
import { batchJsonSchema, withFieldTable } from '@/formats/batch-docs';
import { withDayTable } from '@/formats/day-docs';
import { checkBatch } from '@/formats/read-batch';
import { predictText } from '@/formats/predict-text';
import { formatted } from '../../scripts/formatted';
import { PANTRY } from '../reference/shipped';
import { pathsOf, withValue } from './spoil';

// A schema that a strict validator takes: no keyword misspelt, none without effect.
const ajv = new Ajv2020({ strict: true, strictRequired: false, allErrors: false });
const load = (name: string): object => JSON.parse(readFileSync(`docs/${name}.schema.json`, 'utf8')) as object;
const isBatch = ajv.compile(load('batch'));
const isPrediction = ajv.compile(load('prediction'));
const examples = readdirSync('examples').map((file) => [file, readFileSync(`examples/${file}`, 'utf8')] as const);

describe('the batch file', () => {
  it.each(examples)('%s passes both', (_, text) => {
    expect(isBatch(JSON.parse(text)), ajv.errorsText(isBatch.errors)).toBe(true);
    expect(checkBatch(JSON.parse(text)).ok).toBe(true);
  });
  it.each(examples)('%s with any one value spoilt passes or fails both alike', (_, text) => {
    const document = JSON.parse(text) as unknown;
    let refused = 0;
    const differ: string[] = [];
    for (const path of pathsOf(document).filter(({ length }) => length > 0))
      for (const value of [undefined, null, 'wrong', -1, 0, 1e9, 5, [], {}, { stranger: 1 }, true]) {
        // A hole in a list is no JSON.
        if (value === undefined && typeof path[path.length - 1] === 'number') continue;
        const spoilt = withValue(document, path, value);
        const program = checkBatch(spoilt).ok;
        if (isBatch(spoilt) !== program) differ.push(`${path.join('.')} = ${JSON.stringify(value)}: program says ${program}`);
        if (!program) refused++;
      }
    expect(differ).toEqual([]);
    expect(refused).toBeGreaterThan(200);
  });
});

describe('the prediction', () => {
  it.each(examples)('of %s is as published', (_, text) => {
    const result = predictText(text, { pantry: PANTRY });
    const sent: unknown = JSON.parse(JSON.stringify(result.ok ? result.value : null));
    expect(isPrediction(sent), ajv.errorsText(isPrediction.errors)).toBe(true);
  });
});

describe('what is written of the batch file', () => {
  it('is what the table of fields says; npm run docs writes it anew', async () => {
    const schema = 'docs/batch.schema.json';
    expect(readFileSync(schema, 'utf8')).toBe(await formatted(schema, JSON.stringify(batchJsonSchema())));
    const page = readFileSync('docs/batch-file.md', 'utf8');
    expect(page).toBe(await formatted('docs/batch-file.md', withFieldTable(page)));
    const day = readFileSync('docs/day-file.md', 'utf8');
    expect(day).toBe(await formatted('docs/day-file.md', withDayTable(day)));
  });
  it('lets a file name its schema, for editors', () => {
    const document = { $schema: './batch.schema.json', ...(JSON.parse(examples[0][1]) as object) };
    expect(isBatch(document)).toBe(true);
    expect(checkBatch(document).ok).toBe(true);
  });
  it('has an address of its own', () => expect(batchJsonSchema().$id).toBe('urn:upbeat-oven:batch:1'));
});

describe('every field', () => {
  const numbers: Array<[path: string, field: NumberField]> = [];
  const walk = (field: Field, path: string): void => {
    if (field.kind === 'number') numbers.push([path, field]);
    if (field.kind === 'group') for (const [key, inside] of Object.entries(field.fields)) walk(inside, `${path}.${key}`);
    if (field.kind === 'list') walk(field.of, `${path}[]`);
    if (field.kind === 'variants')
      for (const [name, fields] of Object.entries(field.of))
        for (const [key, inside] of Object.entries(fields)) walk(inside, `${path}(${name}).${key}`);
  };
  walk(BATCH, 'batch');
  it('has limits that its default keeps', () => {
    expect(numbers.length).toBeGreaterThan(120);
    for (const [path, { min, max, default: usual }] of numbers) {
      expect(min, path).toBeLessThan(max);
      if (usual !== undefined) expect(usual >= min && usual <= max, path).toBe(true);
    }
  });
  it('says its unit in its name, where it measures something', () => {
    const SUFFIX: Partial<Record<Quantity, RegExp>> = {
      length: /_mm$/,
      temperature: /_c$/,
      'temperature-difference': /_c$/,
      duration: /minutes$/,
      power: /_w$/,
      pressure: /_pa$/,
      altitude: /_m$/,
      volume: /_ml$/,
    };
    for (const [path, { quantity }] of numbers) if (SUFFIX[quantity]) expect(path).toMatch(SUFFIX[quantity]);
  });
});

describe('the result table of batch-file.md', () => {
  const schema = JSON.parse(readFileSync('docs/prediction.schema.json', 'utf8')) as Described;
  const rows = new Map(
    readFileSync('docs/batch-file.md', 'utf8')
      .split(/^## Result/m)[1]
      .split('\n')
      .flatMap((line): Array<[string, string]> => {
        const part = /^\| `(\w+)(\[\])?`/.exec(line);
        return part ? [[part[1], line]] : [];
      }),
  );
  const parts = Object.entries(schema.properties ?? {}).filter(([part]) => !['format', 'version', 'name'].includes(part));
  it.each(parts)('tells of %s and of everything in it', (part, { properties, items }) => {
    const row = rows.get(part) ?? '';
    expect(row, part).not.toBe('');
    for (const name of Object.keys(properties ?? items?.properties ?? {})) {
      // A band stands beside its figure and is told with it.
      const figure = name.replace(/_(low|high)$/, '');
      expect(row, `${part}.${name}`).toContain(part === 'yield' && name.startsWith('pieces') ? 'pieces' : figure);
    }
  });
  it('tells of nothing else', () => expect([...rows.keys()].sort()).toEqual(parts.map(([part]) => part).sort()));
});
type Described = { readonly properties?: Record<string, Described>; readonly items?: Described };
