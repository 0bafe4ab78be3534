/** A freeze dryer against published orders of magnitude, and against what a retreating ice front must do. */
import { describe, expect, it } from 'vitest';
import {
  LAB_FOODS,
  LAB_SUPPORTS,
  MEAT_SLAB,
  SEA_LEVEL_PA,
  labMaterial,
  pieceOf,
  slab as wideSlab,
} from '../../../tests/reference/laboratory';
import { simulate, type Stage, type Surroundings } from '.';
import { icePressure, sublime } from './freeze-drying';

describe('vapour over ice', () =>
  it.each([
    [-20, 103],
    [-30, 38],
    [-40, 12.9],
  ])('at %d °C is %d Pa', (c, pa) => expect(Math.abs(icePressure(c) / pa - 1)).toBeLessThan(0.02)));

describe('primary drying of one face', () => {
  const hours = (depth_mm: number, ice: number, shelf_c = 45, pressure_pa = 50): number =>
    (sublime(depth_mm / 1000, ice, shelf_c, pressure_pa).time_s.at(-1) ?? NaN) / 3600;
  it.each([
    ['meat, 10 mm from both sides', 5, 650, 4.9],
    ['meat, 20 mm from both sides', 10, 650, 14.6],
    // Printed to one place, of an ice content printed to one: seven in a hundred is what that leaves open.
    ['fruit, 6 mm from both sides', 3, 700, 2.7],
  ])('%s', (_, depth_mm, ice, h) => expect(Math.abs(hours(depth_mm, ice) / h - 1)).toBeLessThan(0.07));
  it('is limited by heat: the ice stands between -30 and -18 °C', () => {
    for (const c of sublime(0.005, 650, 45, 50).front_c) {
      expect(c).toBeGreaterThan(-30);
      expect(c).toBeLessThan(-18);
    }
  });
  it('takes longer deeper, wetter, on cooler shelves and in a poorer vacuum', () => {
    const usual = hours(5, 650);
    for (const longer of [hours(6, 650), hours(5, 750), hours(5, 650, 30), hours(5, 650, 45, 90)])
      expect(longer).toBeGreaterThan(usual);
  });
});

const MEAT = labMaterial(MEAT_SLAB, LAB_FOODS.meat);
const ROOM = { temperature_c: 20, relativeHumidity: 0.5, pressure_pa: SEA_LEVEL_PA };
const BROWNING = { at150_per_s: 0, energy_J_per_mol: 1e5, whenDry: 1 };
const FREEZER: Surroundings = { kind: 'freezer', air_c: -28, heat_W_per_m2_K: 12, load_kg: 1 };
const VACUUM: Surroundings = {
  kind: 'freeze-dryer',
  shelf_c: 45,
  pressure_pa: 50,
  faces: 2,
  slowness: 1,
  power_W: 800,
  load_kg: 1,
};
const stage = (hours: number, more: Partial<Stage> = {}): Stage => ({
  duration_s: hours * 3600,
  set: 'off',
  door: 'shut',
  support: LAB_SUPPORTS.mesh,
  preheated: false,
  events: [],
  ...more,
});
function dry(
  hours: number,
  vacuum: Partial<Extract<Surroundings, { kind: 'freeze-dryer' }>> = {},
  piece = wideSlab(10),
  more: Stage[] = [],
) {
  const result = simulate({
    material: MEAT,
    piece,
    room: ROOM,
    surroundings: FREEZER,
    browning: BROWNING,
    fineness: { cells: 16, rise_K: 2, drying: 0.03, longest_s: 60 },
    recordEvery_s: 600,
    stages: [stage(5), stage(hours, { into: { ...VACUUM, ...vacuum } as Surroundings }), ...more],
  });
  if (!result.ok) throw new Error(result.message);
  return result.value;
}

describe('a frozen piece under vacuum', () => {
  const run = dry(10);
  it('keeps its water while it freezes, then only ever loses', () => {
    const moistures = run.frames.map(({ meanMoisture }) => meanMoisture);
    expect(moistures[20]).toBeCloseTo(moistures[0], 9);
    for (let i = 1; i < moistures.length; i++) expect(moistures[i]).toBeLessThanOrEqual(moistures[i - 1] + 1e-12);
    expect(run.end.meanMoisture).toBeLessThan(0.06);
    expect(run.waterError).toBeLessThan(1e-12);
  });
  it('dries from the faces inwards, mirror-fashion, and the heart last', () => {
    const half = run.frames.find(({ meanMoisture }) => meanMoisture < 0.6 * MEAT.moisture0);
    const { moisture } = run.profiles.at(half?.row ?? 0);
    expect(moisture[0]).toBeLessThan(0.4);
    expect(moisture[moisture.length / 2]).toBeCloseTo(MEAT.moisture0, 6);
    moisture.forEach((x, i) => expect(x).toBeCloseTo(moisture[moisture.length - 1 - i], 9));
  });
  it('keeps its shape: ice leaves room behind', () => {
    const height = (row: number): number => run.profiles.at(row).height.reduce((sum, h) => sum + h, 0);
    expect(height(run.end.row)).toBeCloseTo(height(0), 9);
  });
  it('warms without a jump when the last ice goes, towards the shelves and never past them', () => {
    const cores = run.frames.filter(({ time_s }) => time_s > 5.5 * 3600).map(({ core_c }) => core_c);
    for (let i = 1; i < cores.length; i++) expect(cores[i]).toBeGreaterThan(cores[i - 1] - 1.5);
    expect(cores.at(-1)).toBeGreaterThan(35);
    expect(Math.max(...cores)).toBeLessThanOrEqual(45);
  });
  it('takes twice as long in a machine that is twice as slow, and longer from one face', () => {
    const iceGone = (of: ReturnType<typeof dry>): number =>
      of.frames.find(({ wettestMoisture }) => wettestMoisture < 0.35)?.time_s ?? Infinity;
    const usual = iceGone(run) - 5 * 3600;
    expect((iceGone(dry(16, { slowness: 2 })) - 5 * 3600) / usual).toBeCloseTo(2, 0);
    expect(iceGone(dry(40, { faces: 1 })) - 5 * 3600).toBeGreaterThan(2 * usual);
    expect(iceGone(dry(16, { faces: 1 }, pieceOf(10, 12, 0.7))) - 5 * 3600).toBeLessThan(usual);
  });
  it('draws its power for as long as it runs', () => expect(run.drawn_J[1]).toBeCloseTo(800 * 36000, 6));
  it('takes up water again from the air of a humid room, faster than a baked piece would', () => {
    const night = stage(12, { set: { air_c: 20, relativeHumidity: 0.75 }, support: LAB_SUPPORTS['wire-rack'] });
    const left = dry(10, {}, wideSlab(10), [night]);
    expect(left.end.meanMoisture).toBeGreaterThan(run.end.meanMoisture + 0.02);
    expect(left.end.meanMoisture).toBeLessThan(0.25);
  });
});
