/** The first bake of an oven: five trays in an hour, each of which narrows, and what they teach is found again. */
import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { stagesInTurn, trayCourses, trayModel, turnsOf } from '../calls';
import type { Appliance } from '../catalogue';
import { fitAppliance } from '../learning';
import { normals, seededRandom } from '../quantities';
import { firstBake } from './first-bake';
import { firstTrays } from './first-trays';

const KITCHEN = { pantry: PANTRY };
const OVEN: Appliance = { kind: 'static-oven', id: 'new-oven' };
const found = firstTrays(OVEN, KITCHEN, undefined);
if (!found.ok) throw new Error(found.message);
const { trays, known_to_pct, minutes } = found.value;
const bowl = firstBake(trays, OVEN, 'First bake', undefined);

describe('the trays of a first bake', () => {
  it('are five within an hour, each of which narrows what is known', () => {
    expect(trays).toHaveLength(5);
    expect(minutes).toBeLessThanOrEqual(50);
    for (let i = 1; i < known_to_pct.length; i++) expect(known_to_pct[i]).toBeLessThan(known_to_pct[i - 1]);
    expect(known_to_pct[5]).toBeLessThan(0.5 * known_to_pct[0]);
  });
  it('are of one bowl, from the coolest to the hottest, each weighed by itself', () => {
    const turns = turnsOf(bowl, KITCHEN);
    if (!turns.ok) throw new Error(turns.message);
    expect(turns.value.map(({ portion }) => portion)).toEqual(['Tray 1', 'Tray 2', 'Tray 3', 'Tray 4', 'Tray 5']);
    for (const { prediction } of turns.value) {
      expect(prediction.yield.trays).toBe(1);
      // A gram on the scale is little beside it.
      expect(prediction.yield.pieces * prediction.yield.piece_raw_g).toBeGreaterThan(70);
    }
    const dials = stagesInTurn(bowl).map(
      ({ stage }) => stage.steps.flatMap(({ step }) => ('setpoint_c' in step ? [step.setpoint_c] : []))[0],
    );
    expect(dials).toEqual([...dials].sort((a, b) => a - b));
  });
  it('teach what an oven does: its pace is found from them, with a scale that errs', () => {
    const courses = trayCourses(bowl, KITCHEN);
    if (!courses.ok) throw new Error(courses.message);
    const normal = normals(seededRandom(5));
    let [before, after] = [0, 0];
    for (const truth of [-0.45, -0.25, 0.2, 0.4]) {
      const past = courses.value.map(({ table, minutes: at, lossSpread }) => {
        const model = trayModel(table);
        return { model, lossSpread, weighed: [{ minutes: at, share: model(at, truth, 0) + 0.006 * normal() }] };
      });
      before += Math.abs(truth);
      after += Math.abs(fitAppliance(past, 0.006).logPace - truth);
    }
    expect(courses.value).toHaveLength(5);
    expect(after).toBeLessThan(0.4 * before);
  });
  it('are no trays of a dryer', () => {
    expect(firstTrays({ kind: 'dehydrator' }, KITCHEN, undefined)).toMatchObject({ ok: false, code: 'BAD_VALUE' });
  });
});
