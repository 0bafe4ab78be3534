import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { workMs } from '../../../tests/work-ms';
import type { BatchDocument } from '../document';
import type { HeatStep } from '../catalogue';
import { predict } from './predict';

const HILLBARS = JSON.parse(readFileSync('examples/hillbars.batch.json', 'utf8')) as BatchDocument;
const heated = (steps: readonly HeatStep[]): BatchDocument => ({ ...HILLBARS, heat: { ...HILLBARS.heat, steps } });
const hold: HeatStep = { do: 'hold', setpoint_c: 60, minutes: 2880 };

// 2026-11-29: a document of 2 kB held the server's only event loop for 37 seconds.
it.each([
  [
    'twenty times two days, with turns and washes',
    heated(Array.from({ length: 20 }, () => [hold, { do: 'turn' } as const]).flat()),
  ],
  ['sixty times two days of a cake', { ...heated(Array.from({ length: 60 }, () => hold)), shape: { method: 'cake' } as const }],
])('%s are refused at once, with their key', (_, document) => {
  const began = workMs();
  expect(predict(document, { pantry: PANTRY })).toMatchObject({ ok: false, code: 'TOO_MUCH_WORK', path: 'heat.steps' });
  expect(workMs() - began).toBeLessThan(50);
});

it('as are tiny pieces by the hundred thousand, laid as tightly as can be', () => {
  const shape = {
    method: 'roll-and-cut',
    layout: 'tightest',
    cutter: { outline: 'bone', length_mm: 8, width_mm: 5 },
    sheet_width_mm: 1500,
    sheet_length_mm: 2500,
  } as const;
  const document: BatchDocument = { ...HILLBARS, scale: { by: 'dough_mass', dough_g: 200_000 }, shape };
  expect(predict(document, { pantry: PANTRY })).toMatchObject({ ok: false, code: 'TOO_MUCH_WORK', path: 'shape.cutter' });
});

it('a freeze dryer that runs for two days is not too long', () => {
  const document = JSON.parse(readFileSync('data/recipes/freeze-dried-salmon-cubes.batch.json', 'utf8')) as BatchDocument;
  const steps = document.heat.steps.map((step) => (step.do === 'freeze-dry' ? { ...step, minutes: 2880 } : step));
  expect(predict({ ...document, heat: { ...document.heat, steps } }, { pantry: PANTRY })).toMatchObject({ ok: true });
});
