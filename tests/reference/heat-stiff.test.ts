/** The solver against a general-purpose stiff integrator on the same cells: what its own way of stepping costs in accuracy. */
import { describe, expect, it } from 'vitest';

import {
  LAB_FOODS,
  LAB_SUPPORTS,
  APPLE,
  GRAIN_DOUGH,
  MEAT_SLAB,
  SEA_LEVEL_PA,
  STIFF_DOUGH,
  cutAt,
  labMaterial,
  run,
  slab,
  steady,
} from './laboratory';
import { cellEquations, integrate } from './stiff-reference';

const PLAIN_DOUGH = { ...LAB_FOODS.dough, rise: 1 };

describe('a stiff ODE integrator on the same cells', () => {
  it.each([
    ['a stiff biscuit at 150 °C', STIFF_DOUGH, PLAIN_DOUGH, 6, 150, 3000, [5, 15, 30, 45]],
    ['a wet dough drying at 105 °C', GRAIN_DOUGH, PLAIN_DOUGH, 5, 105, 2000, [10, 30, 60]],
    ['a meat strip in drying air', MEAT_SLAB, LAB_FOODS.meat, 4, 68, 2500, [30, 90]],
    ['an apple ring in drying air', APPLE, LAB_FOODS.fruit, 5, 65, 2000, [30, 90]],
  ] as const)(
    '%s: water within one per cent of what it started with, all the way',
    (_, recipe, food, thickness_mm, air_c, vapour_pa, minutes) => {
      const material = labMaterial(recipe, food);
      const piece = slab(thickness_mm, 20);
      const surroundings = steady(air_c, vapour_pa, 20, 6e-8);
      if (surroundings.kind !== 'steady') throw new Error('steady air');
      const support = LAB_SUPPORTS['wire-rack'];
      const problem = { material, piece, surroundings, support, pressure_pa: SEA_LEVEL_PA, cells: 16 };
      const { initial, derivative } = cellEquations(problem);
      const { frames } = run({ material, piece, surroundings, stages: cutAt(minutes, air_c, { support }) });
      let y = initial;
      let last = 0;
      for (const minute of minutes) {
        y = integrate(derivative, y, (minute - last) * 60, 0.02).y;
        last = minute;
        const frame = frames.find(({ time_s }) => Math.abs(time_s - minute * 60) < 1e-6);
        const shares = [0.0197, 0.028, 0.0391, 0.0529, 0.0689, 0.0852, 0.099, 0.1071];
        const weights = [...shares, ...[...shares].reverse()];
        const mean = weights.reduce((sum, share, i) => sum + share * y[16 + i], 0) / weights.reduce((a, b) => a + b);
        expect(Math.abs(mean - (frame?.meanMoisture ?? NaN)) / material.moisture0, `${minute} min`).toBeLessThan(0.01);
        expect(Math.abs((y[7] + y[8]) / 2 - (frame?.core_c ?? NaN)), `${minute} min`).toBeLessThan(1.5);
      }
    },
    120_000,
  );
});
