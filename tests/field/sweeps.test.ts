/** Nothing jumps: along every sweep of what a baker can turn, a step is no larger than its neighbours allow. */
import { describe, expect, it } from 'vitest';
import type { HeatStep } from '@/core/catalogue';
import type { BatchDocument } from '@/core/document';
import { predict, type Prediction } from '@/core/prediction';
import { PANTRY } from '../reference/shipped';
import { batch } from './scene';

type Sweep = { readonly over: readonly number[]; readonly at: (value: number) => BatchDocument };

const LINES = [
  ['flour_wheat_wholemeal', 300],
  ['egg_whole', 50],
  ['water', 120],
  ['rapeseed_oil', 15],
] as const;
const hold = (setpoint_c: number, minutes: number): HeatStep => ({ do: 'hold', setpoint_c, minutes });
const biscuit = (thickness_mm: number, steps: readonly HeatStep[], more: Partial<BatchDocument> = {}): BatchDocument =>
  batch('Sweep', LINES, {
    shape: { method: 'roll-and-cut', cutter: { outline: 'square', width_mm: 40 }, thickness_mm },
    heat: { appliance: { kind: 'static-oven' }, steps: [...steps] },
    pack: [{ option: 'clip-jar', store: 'room' }],
    ...more,
  });
const range = (from: number, to: number, points: number): number[] =>
  Array.from({ length: points }, (_, i) => from + ((to - from) * i) / (points - 1));
const mixed = (lines: ReadonlyArray<readonly [string, number]>, thickness_mm = 7): BatchDocument => ({
  ...biscuit(thickness_mm, [hold(170, 25)]),
  recipe: { ingredients: lines.map(([ingredient, amount]) => ({ ingredient, amount, unit: 'g' as const })) },
});

const SWEEPS: Readonly<Record<string, Sweep>> = {
  'thickness 3-12 mm': { over: range(3, 12, 37), at: (mm) => biscuit(mm, [hold(170, 25)]) },
  'setpoint 100-210 °C': { over: range(100, 210, 45), at: (c) => biscuit(6, [hold(c, 25)]) },
  'setpoint 100-140 °C for two hours': { over: range(100, 140, 41), at: (c) => biscuit(6, [hold(c, 120)]) },
  'minutes 5-120': { over: range(5, 120, 47), at: (min) => biscuit(6, [hold(165, min)]) },
  'hours 1-12': { over: range(60, 720, 45), at: (min) => biscuit(8, [hold(95, min)]) },
  'minutes off 5-240': { over: range(5, 240, 48), at: (min) => biscuit(7, [hold(175, 22), { do: 'off', minutes: min }]) },
  'altitude 0-3000 m': {
    over: range(0, 3000, 31),
    at: (altitude_m) => biscuit(6, [hold(165, 25)], { kitchen: { altitude_m, room_c: 20, room_rh_pct: 50 } }),
  },
  'humidity 20-90 %': {
    over: range(20, 90, 36),
    at: (room_rh_pct) => biscuit(6, [hold(95, 180)], { kitchen: { altitude_m: 100, room_c: 20, room_rh_pct } }),
  },
  'load 100-2000 g': {
    over: range(100, 2000, 39),
    at: (load_g) => biscuit(6, [hold(165, 25)], { heat: { appliance: { kind: 'static-oven', load_g }, steps: [hold(165, 25)] } }),
  },
  'meat 0-70 % of the mix': {
    over: range(0, 70, 36),
    at: (pct) =>
      mixed([
        ['flour_wheat_wholemeal', 300 * (1 - pct / 100)],
        ['water', 100 * (1 - pct / 100)],
        ['turkey_mince', 4 * pct + 1],
      ]),
  },
  'leavening 0-3 % of a thick wet dough': {
    over: range(0, 12, 25),
    at: (g) =>
      mixed(
        [
          ['flour_wheat_wholemeal', 250],
          ['egg_whole', 100],
          ['applesauce', 200],
          ['baking_powder', g + 0.001],
        ],
        24,
      ),
  },
  'water of a batter': {
    over: range(100, 260, 33),
    at: (g) =>
      mixed(
        [
          ['flour_wheat_wholemeal', 250],
          ['egg_whole', 50],
          ['water', g],
          ['baking_powder', 8],
        ],
        20,
      ),
  },
  'thickness of a leavened wet dough 10-30 mm': {
    over: range(10, 30, 41),
    at: (mm) =>
      mixed(
        [
          ['flour_wheat_wholemeal', 250],
          ['egg_whole', 100],
          ['applesauce', 150],
          ['baking_powder', 8],
        ],
        mm,
      ),
  },
  'gap 0-30 mm': {
    over: range(0.5, 30, 31),
    at: (tray_gap_mm) =>
      biscuit(6, [hold(165, 25)], {
        shape: { method: 'roll-and-cut', cutter: { outline: 'square', width_mm: 40 }, thickness_mm: 6, tray_gap_mm },
      }),
  },
};

/** What may not jump, and the least step that anyone would notice. */
const READINGS: ReadonlyArray<readonly [name: string, read: (prediction: Prediction) => number, noticed: number]> = [
  ['water', ({ outcome }) => outcome.moisture_pct, 0.15],
  ['Snap', ({ outcome }) => outcome.snap, 0.2],
  ['middle', ({ heat }) => heat.core_c_max, 0.8],
  ['browning', ({ heat }) => heat.browning, 0.01],
  ['days', ({ keeps }) => Math.log(keeps[0].days + 1), 0.7],
];
/** A step larger than so many times the larger of its neighbours is a jump [1]. */
const JUMP = 3;

describe.each(Object.entries(SWEEPS))('%s', (_, { over, at }) => {
  const predictions = over.map((value) => {
    const worked = predict(at(value), { pantry: PANTRY }, 'light');
    if (!worked.ok) throw new Error(`${value}: ${worked.message}`);
    return worked.value.prediction;
  });
  it.each(READINGS)('%s never jumps', (__, read, noticed) => {
    const values = predictions.map(read);
    const steps = values.slice(1).map((value, i) => Math.abs(value - values[i]));
    const jumps = steps.flatMap((step, i) => {
      const around = Math.max(steps[i - 1] ?? 0, steps[i + 1] ?? 0);
      return step > noticed + JUMP * around
        ? [`${over[i]} to ${over[i + 1]}: ${values[i].toFixed(2)} to ${values[i + 1].toFixed(2)}`]
        : [];
    });
    expect(jumps).toEqual([]);
  });
});
