/** The published JSON Schemas say what the program does: the same documents pass and fail. */
import { readFileSync, readdirSync } from 'node:fs';
import Ajv2020 from 'ajv/dist/2020';
import { describe, expect, it } from 'vitest';
import { checkBatch } from '@/formats/read-batch';
import { predictText } from '@/formats/predict-text';
import { PANTRY } from '../reference/shipped';
import { pathsOf, withValue } from './spoil';

const ajv = new Ajv2020({ strict: false, allErrors: false });
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
    for (const path of pathsOf(document).filter(({ length }) => length > 0))
      for (const value of [undefined, null, 'wrong', -1, 0, 1e9, 5, [], {}, { stranger: 1 }, true]) {
        // A hole in a list is no JSON.
        if (value === undefined && typeof path[path.length - 1] === 'number') continue;
        const spoilt = withValue(document, path, value);
        const program = checkBatch(spoilt).ok;
        expect(isBatch(spoilt), `${path.join('.')} = ${JSON.stringify(value)}: program says ${program}`).toBe(program);
        if (!program) refused++;
      }
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
