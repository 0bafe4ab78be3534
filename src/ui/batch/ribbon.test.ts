import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { BatchDocument } from '@/core/document';
import { readPantryCsv } from '@/formats/pantry-csv';
import { drawingOf, predict } from '@/core/prediction';
import { ribbonOf, ribbonPath, steamAt } from './ribbon';

const pantry = readPantryCsv(readFileSync('data/ingredients.csv', 'utf8'));
const document = JSON.parse(readFileSync('examples/hillbars.batch.json', 'utf8')) as BatchDocument;
const worked = predict(document, { pantry: pantry.ok ? pantry.value : new Map() }, 'quick');
if (!worked.ok) throw new Error(worked.message);
const [prediction, drawing] = [worked.value.prediction, drawingOf(worked.value)];

describe('the ribbon of water', () => {
  const points = ribbonOf({ prediction, drawing, pack: 0, days: prediction.keeps[0].days }, 1000, 40);
  it('runs left to right from bowl to jar', () => {
    expect(points[0].x).toBe(0);
    expect(points.at(-1)?.x).toBe(1000);
    for (let i = 1; i < points.length; i++) expect(points[i].x).toBeGreaterThanOrEqual(points[i - 1].x);
  });
  it('is as high as the grams of water, to scale', () => {
    expect(points[0].half).toBeCloseTo(20, 9);
    const dried = points.find(({ x }) => x >= (1000 / 7) * 4);
    expect(dried?.half).toBeCloseTo(Math.max(1, (20 * drawing.water.end_g) / drawing.water.start_g), 6);
  });
  it('never widens in the oven of a dry programme', () => {
    const oven = points.filter(({ x }) => x > (1000 / 7) * 3.2 && x < (1000 / 7) * 4);
    for (let i = 1; i < oven.length; i++) expect(oven[i].half).toBeLessThanOrEqual(oven[i - 1].half + 1e-9);
  });
  it('steams where the water leaves, which is in the oven', () => {
    for (const x of steamAt(points)) {
      expect(x).toBeGreaterThan((1000 / 7) * 3);
      expect(x).toBeLessThan((1000 / 7) * 4.2);
    }
  });
  it('closes its outline', () => expect(ribbonPath(points, 20)).toMatch(/^M.*Z$/));
});
