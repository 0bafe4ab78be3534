import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { checkBatch } from '@/formats/read-batch';
import { predict } from './predict';
import type { Prediction } from './prediction';
import { METHODS, type Method, startingPoint } from '../document';

const DOUGH = [
  { ingredient: 'flour_wheat_wholemeal', amount: 400, unit: 'g' },
  { ingredient: 'egg_whole', amount: 1, unit: 'each' },
  { ingredient: 'water', amount: 170, unit: 'g' },
] as const;
/** Methods that start from no dough at all. */
const GROWN: Partial<Record<string, string>> = {
  M13: 'liver_lamb',
  M14: 'apple_fresh',
  M15: 'swede_raw',
  M16: 'salmon_raw',
  M17: 'kefir_plain',
  M20: 'cod_raw',
};

function predicted(method: Method): Prediction {
  const start = startingPoint(method);
  const grown = GROWN[method];
  const ingredients = grown ? [{ ingredient: grown, amount: 900, unit: 'g' as const }] : DOUGH;
  const document = { ...start, recipe: { ...start.recipe, ingredients } };
  expect(checkBatch(document).ok).toBe(true);
  const worked = predict(document, { pantry: PANTRY });
  if (!worked.ok) throw new Error(worked.message);
  return worked.value.prediction;
}

describe('where a new recipe starts', () => {
  it.each(METHODS.filter((method) => !(method in GROWN)))('%s with a plain dough is a batch that bakes through', (method) => {
    const { heat } = predicted(method);
    expect(heat.core_c_max).toBeGreaterThan(75);
    expect(heat.browning).toBeLessThan(0.5);
  });
  it.each(['M13', 'M14', 'M15'] as const)('%s dries what grew until it keeps', (method) => {
    const { outcome, keeps } = predicted(method);
    expect(outcome.moisture_pct).toBeLessThan(20);
    expect(keeps[0].days).toBeGreaterThan(14);
  });
  it('M16 is cooked, then dry to the last ice', () => {
    const { heat, outcome } = predicted('M16');
    expect(heat.core_c_max).toBeGreaterThan(71);
    expect(heat.reached.find(({ what }) => what === 'ice-gone')?.minute).toBeLessThan(heat.minutes);
    expect(outcome.moisture_pct).toBeLessThan(5);
  });
  it('M20 is cooked through between the plates and stays moist', () => {
    const { heat, outcome } = predicted('M20');
    expect(heat.core_c_max).toBeGreaterThan(71);
    expect(outcome.moisture_pct).toBeGreaterThan(60);
  });
  it('M17 freezes through', () => expect(predicted('M17').outcome.texture).toBe('frozen hard'));
});
