/** A batch's tray over time: as predicted at pace 1, later when slower, and on past the programme's end. */
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { predict, trayCourse, type BatchDocument } from '..';
import { PANTRY } from '../../../../tests/reference/shipped';

const read = (file: string): BatchDocument => JSON.parse(readFileSync(file, 'utf8')) as BatchDocument;
function course(document: BatchDocument) {
  const made = trayCourse(document, { pantry: PANTRY });
  if (!made.ok) throw new Error(made.message);
  return made.value;
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
});
