import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import type { BatchDocument } from '../document';
import { predict } from './predict';
import { coolingOf, type Cooling } from './cooling';

function cooled(file: string): Cooling {
  const document = { kitchen: { room_c: 20, room_rh_pct: 50 }, ...(JSON.parse(readFileSync(file, 'utf8')) as BatchDocument) };
  // Straight from the heat: recipes that let their pieces cool have done so already.
  const steps = document.heat.steps.filter((step) => step.do !== 'cool');
  const worked = predict({ ...document, heat: { ...document.heat, steps } }, { pantry: PANTRY });
  if (!worked.ok) throw new Error(worked.message);
  return coolingOf(worked.value) ?? expect.fail('it cools');
}
const biscuit = cooled('data/recipes/parsnip-buckwheat-snaps.batch.json');

describe('cooling', () => {
  const cold = (of: Cooling, place: string): number => of.curves.find((curve) => curve.place === place)?.cold_minutes ?? Infinity;
  it('falls all the way, from what came out', () => {
    for (const { points } of biscuit.curves)
      for (let i = 1; i < points.length; i++) expect(points[i].core_c).toBeLessThanOrEqual(points[i - 1].core_c + 0.2);
  });
  it('is quickest in the fridge and slowest on its hot tray', () => {
    expect(cold(biscuit, 'fridge')).toBeLessThan(cold(biscuit, 'rack'));
    expect(cold(biscuit, 'tray')).toBeGreaterThan(cold(biscuit, 'rack'));
  });
  it('takes a cake longer than a biscuit', () =>
    expect(cold(cooled('data/recipes/turkey-courgette-muffins.batch.json'), 'rack')).toBeGreaterThan(cold(biscuit, 'rack')));
  it('a night on the rack softens what was crisp, the more the damper it is', () => {
    const morning = biscuit.nights.map(({ points }) => points.at(-1));
    expect(morning.map((point) => point?.moisture_pct)).toEqual(
      [...morning.map((point) => point?.moisture_pct)].sort((a, b) => (a ?? 0) - (b ?? 0)),
    );
    expect(morning[2]?.snap).toBeLessThan((morning[0]?.snap ?? 0) - 2);
  });
  it('what ends frozen cools nowhere', () => {
    const worked = predict(JSON.parse(readFileSync('data/recipes/kefir-melon-drops.batch.json', 'utf8')) as BatchDocument, {
      pantry: PANTRY,
    });
    expect(worked.ok && coolingOf(worked.value)).toBeNull();
  });
});
