/** A batch's tray over time: as predicted at pace 1, later when slower, and on past the programme's end. */
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { predict } from '../prediction';
import { trayCourses } from './tray-model';
import { trayModel } from './tray-table';
import { type BatchDocument } from '../document';
import { PANTRY } from '../../../tests/reference/shipped';

const read = (file: string): BatchDocument => JSON.parse(readFileSync(file, 'utf8')) as BatchDocument;
function course(document: BatchDocument, at = 0) {
  const made = trayCourses(document, { pantry: PANTRY });
  if (!made.ok) throw new Error(made.message);
  return { ...made.value[at], model: trayModel(made.value[at].table) };
}

describe('a tray over time', () => {
  const document = read('examples/hillbars.batch.json');
  const { model, target, minutes } = course(document);
  it('ends where the prediction does', () => {
    const worked = predict(document, { pantry: PANTRY });
    if (!worked.ok) throw new Error(worked.message);
    expect(100 * (1 - target)).toBeCloseTo(worked.value.prediction.outcome.mass_loss_pct, 0);
    expect(target - model(minutes, 0, 0)).toBeCloseTo(0.004, 9);
  });
  it('only loses, and loses later in a slower or cooler oven', () => {
    let before = 1.001;
    for (let minute = 0; minute <= 2 * minutes; minute += 5) {
      const share = model(minute, 0, 0);
      expect(share).toBeLessThanOrEqual(before + 1e-3);
      before = share;
    }
    expect(model(60, -0.3, 0)).toBeGreaterThan(model(60, 0, 0));
    expect(model(60, 0, -12)).toBeGreaterThan(model(60, 0, 0));
    expect(model(60, -0.15, 0)).toBeGreaterThan(model(60, 0, 0));
  });
  it('a known pace moves what is planned for', () => {
    const slow = { ...document, heat: { ...document.heat, appliance: { ...document.heat.appliance, pace: 0.7 } } };
    expect(course(slow).target).toBeGreaterThan(target);
  });
  it('stops where the batch is moved on', () => {
    const dried: BatchDocument = {
      ...document,
      heat: {
        ...document.heat,
        steps: [
          { do: 'hold', setpoint_c: 170, minutes: 30 },
          { do: 'move', appliance: { kind: 'dehydrator' } },
          { do: 'hold', setpoint_c: 65, minutes: 240 },
        ],
      },
    };
    expect(course(dried).minutes).toBe(30);
  });
  it('is told anew of the appliance that it is moved on to, at that one’s pace, from what went into it', () => {
    const liver = read('data/recipes/lamb-liver-strips.batch.json');
    const [oven, dryer] = [course(liver, 0), course(liver, 1)];
    expect([oven.stage, dryer.stage]).toEqual([0, 1]);
    expect(dryer.appliance.kind).toBe('dehydrator');
    expect(dryer.minutes).toBe(280);
    expect(dryer.model(0, 0, 0)).toBe(1);
    expect(dryer.model(120, -0.3, 0)).toBeGreaterThan(dryer.model(120, 0, 0) + 0.03);
    // What is left of both, one after the other, is what is predicted of the whole.
    const worked = predict(liver, { pantry: PANTRY });
    if (!worked.ok) throw new Error(worked.message);
    const left = (oven.target - 0.004) * (dryer.target - 0.004);
    expect(100 * (1 - left)).toBeCloseTo(worked.value.prediction.outcome.mass_loss_pct, 0);
  });
  it('takes what it went through before as planned, at the pace that is known of that', () => {
    const liver = read('data/recipes/lamb-liver-strips.batch.json');
    const slow = { ...liver, heat: { ...liver.heat, appliance: { ...liver.heat.appliance, pace: 0.5 } } };
    // Wetter pieces go into the dryer, and more leaves there.
    expect(course(slow, 1).model(280, 0, 0)).toBeLessThan(course(liver, 1).model(280, 0, 0) - 0.05);
  });
  it('follows a freeze dryer through its freezing, where nothing leaves, and its drying', () => {
    const { stage, minutes, model } = course(read('data/recipes/freeze-dried-salmon-cubes.batch.json'), 1);
    expect([stage, minutes]).toEqual([1, 1380]);
    expect(model(290, 0, 0)).toBeGreaterThan(0.99);
    // The fish was cooked before: of what went into the vacuum the dry part is more than of what was raw.
    expect(model(1380, 0, 0)).toBeLessThan(0.65);
  });
  it('minutes that stand outside the heat are nobody’s pace', () => {
    const rested: BatchDocument = {
      ...document,
      heat: {
        ...document.heat,
        steps: [
          { do: 'hold', setpoint_c: 170, minutes: 2 },
          { do: 'cool', minutes: 40 },
          { do: 'hold', setpoint_c: 170, minutes: 30 },
        ],
      },
    };
    const { model: slowly } = course(rested);
    // On the rack both lose as slowly; in the oven one of them loses far more.
    const lost = (from: number, to: number, pace: number): number => slowly(from, pace, 0) - slowly(to, pace, 0);
    expect(lost(10, 38, -0.9)).toBeCloseTo(lost(10, 38, 0.9), 2);
    expect(lost(44, 72, 0.9)).toBeGreaterThan(lost(44, 72, -0.9) + 0.05);
  });
  it('is not told where trays lose nothing, as in a freezer', () => {
    const made = trayCourses(read('data/recipes/kefir-melon-drops.batch.json'), { pantry: PANTRY });
    expect(made).toEqual({ ok: true, value: [] });
  });
});
