import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import type { BatchDocument } from '../document';
import { predict, type PredictionRun } from '../prediction';

/** Lean meat in slices, or a plain biscuit of the same thickness, in an oven. */
const baked = (ingredient: string, setpoint_c: number, minutes: number, base: BatchDocument['heat']['base']): PredictionRun => {
  const meat = ingredient !== 'flour_wheat_wholemeal';
  const worked = predict(
    {
      format: 'upbeat-oven/batch',
      version: 1,
      recipe: {
        ingredients: [
          { ingredient, amount: 500, unit: 'g' },
          ...(meat ? [] : [{ ingredient: 'water', amount: 250, unit: 'g' as const }]),
        ],
      },
      shape: meat
        ? { method: 'slice', thickness_mm: 8, diameter_mm: 60 }
        : { method: 'roll-and-cut', thickness_mm: 8, cutter: { outline: 'circle', length_mm: 60 } },
      heat: { appliance: { kind: 'static-oven' }, ...(base ? { base } : {}), steps: [{ do: 'hold', setpoint_c, minutes }] },
    },
    { pantry: PANTRY },
  );
  if (!worked.ok) throw new Error(worked.message);
  return worked.value;
};

describe('juice', () => {
  it('runs off heated meat, is lost to its weight, and takes dry matter along', () => {
    const { prediction, bake, dough, finish } = baked('beef_mince_lean', 160, 40, 'paper-on-tray');
    const { drip, stages } = prediction.heat;
    expect(drip?.share_pct).toBeGreaterThan(5);
    expect(drip?.share_pct).toBeLessThan(prediction.outcome.mass_loss_pct);
    expect(drip?.batch_g).toBeCloseTo((drip?.piece_g ?? 0) * prediction.yield.pieces, 9);
    // Water that is there, water that ran off and what went into the air are what there was; a twentieth of juice is no water.
    const left = (bake.end.meanMoisture + 1 - (0.05 / 0.95) * bake.end.dripped) / (1 + dough.material.moisture0);
    expect(finish.massRatio).toBeCloseTo(left, 12);
    expect(stages).toHaveLength(1);
  });
  it('browns on a hot tray, the more the hotter, and falls through a rack', () => {
    const colourful = (setpoint_c: number): number => baked('beef_mince_lean', setpoint_c, 60, 'bare-tray').bake.end.browningFilm;
    expect(colourful(130)).toBeGreaterThan(0);
    expect(colourful(200)).toBeGreaterThan(2 * colourful(150));
    expect(baked('beef_mince_lean', 200, 60, 'wire-rack').prediction.heat.drip?.colour).toBeNull();
  });
  it('is none of a biscuit’s, nor of meat that stays cold', () => {
    expect(baked('flour_wheat_wholemeal', 160, 40, 'paper-on-tray').prediction.heat.drip).toBeNull();
    expect(baked('beef_mince_lean', 40, 40, 'paper-on-tray').prediction.heat.drip).toBeNull();
  });
});
