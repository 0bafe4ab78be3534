/** The solver against solutions that are known exactly, or measured numbers that anyone can look up. */
import { describe, expect, it } from 'vitest';
import { builtChamber } from './chambers';
import { boilingPoint, preheat, pressureAt, saturationPressure } from '@/core/heat';
import { massTransfer } from '@/core/heat/surface-flux';
import { waterAtAw } from '@/core/sorption';
import {
  LAB_FOODS,
  FINE,
  GRAIN_DOUGH,
  IDEAL,
  LAB_OVEN,
  MEAT_SLAB,
  ROOT,
  SEA_LEVEL_PA,
  STIFF_DOUGH,
  frameAt,
  labMaterial,
  pieceOf,
  run,
  slab,
  stage,
  steady,
} from './laboratory';

const D_m2_per_s = 1e-9;
/** Mean of a slab at Fourier number Fo, surface held: Crank 1975, eq. 4.18. */
const CRANK: ReadonlyArray<readonly [number, number]> = [
  [0.1, 0.6432],
  [0.2, 0.4959],
  [0.5, 0.2361],
  [1, 0.0687],
];

describe('water in a slab with its surface held (Crank 1975)', () => {
  const material = labMaterial(GRAIN_DOUGH, {
    ...IDEAL,
    wetDiffusivity_m2_per_s: D_m2_per_s,
    dryDiffusivity_m2_per_s: D_m2_per_s,
    conductivityFactor: 1e6,
  });
  const air_aw = 0.6;
  const hours = (1 * 0.003 ** 2) / D_m2_per_s / 3600;
  const { frames } = run({
    material,
    piece: slab(6, 25),
    surroundings: steady(25, air_aw * saturationPressure(25), 1e6, 1e-2),
    stages: [stage(hours * 60, 25)],
    fineness: { ...FINE, cells: 48, drying: 0.005 },
  });
  const x_end = waterAtAw(material.activity, Math.log(air_aw));
  it.each(CRANK)('at Fo %f the share of water left is %f', (fourier, share) => {
    const frame = frameAt(frames, (fourier * 0.003 ** 2) / D_m2_per_s / 60);
    expect((frame.meanMoisture - x_end) / (material.moisture0 - x_end)).toBeCloseTo(share, 1.7);
  });
});

describe('heat in a slab without evaporation (Heisler 1947)', () => {
  const material = labMaterial(STIFF_DOUGH, { ...IDEAL, wetDiffusivity_m2_per_s: 0, dryDiffusivity_m2_per_s: 0 });
  const capacity = material.solids_kg_per_m3 * (material.solids_J_per_kg_K + 4186 * material.moisture0);
  const wet = material.moisture0 / 997 / (material.solids_m3_per_kg + material.moisture0 / 997);
  const conductivity = material.solids_W_per_m_K * (1 - wet) + 0.64 * wet;
  const half_m = 0.01;

  it.each([
    [0.5, 0.7725],
    [1, 0.5339],
    [2, 0.2547],
  ])('Biot 1, Fo %f leaves the centre %f of the way', (fourier, expected) => {
    const seconds = (fourier * half_m * half_m * capacity) / conductivity;
    const { end } = run({
      material,
      piece: slab(20, 20),
      surroundings: steady(60, 0, conductivity / half_m, 0),
      stages: [stage(seconds / 60, 60)],
      fineness: { ...FINE, cells: 32, rise_K: 0.2 },
    });
    expect(Math.abs((60 - end.core_c) / 40 - expected)).toBeLessThan(0.01);
  });

  it('a thin piece follows the lumped law e^-1 after one time constant', () => {
    const heat = (0.02 * conductivity) / half_m;
    const { end } = run({
      material,
      piece: slab(20, 20),
      surroundings: steady(60, 0, heat, 0),
      stages: [stage((capacity * half_m) / heat / 60, 60)],
      fineness: { ...FINE, rise_K: 0.2 },
    });
    // A slab of Biot 0.02 is not quite lumped: its exact centre is 0.372.
    expect(Math.abs((60 - end.mean_c) / 40 - Math.exp(-1))).toBeLessThan(0.01);
  });

  it('a cube warms as the product of three slabs, within the edge model', () => {
    const heat = (0.3 * conductivity) / half_m;
    const seconds = (half_m * half_m * capacity) / conductivity;
    const { end } = run({
      material,
      piece: { ...pieceOf(20, 20, 0), heatExposure: 1 },
      surroundings: steady(60, 0, heat, 0),
      stages: [stage(seconds / 60, 60)],
      fineness: { ...FINE, cells: 32, rise_K: 0.2 },
    });
    expect(Math.abs((60 - end.mean_c) / 40 - 0.4395)).toBeLessThan(0.01);
  });

  // The linear driving force inside the edges starts slowly: exact values are .266 and .122. Known and documented.
  it.each([
    [0.1, 0.358],
    [0.2, 0.155],
  ])('a cube with its faces held lags early as documented (Fo %f)', (fourier, documented) => {
    const { end } = run({
      material,
      piece: { ...pieceOf(20, 20, 0), heatExposure: 1 },
      surroundings: steady(60, 0, 1e6, 0),
      stages: [stage((fourier * half_m * half_m * capacity) / conductivity / 60, 60)],
      fineness: { ...FINE, cells: 32, rise_K: 0.2, longest_s: 1 },
    });
    expect(Math.abs((60 - end.mean_c) / 40 - documented)).toBeLessThan(0.015);
  });
});

describe('boiling and wet bulb', () => {
  it.each([
    [0, 99.97],
    [1600, 94.65],
    [3000, 89.97],
  ])('a wet slab at %d m stays at %f °C in its middle', (altitude_m, boils_c) => {
    const { frames } = run({
      material: labMaterial(MEAT_SLAB, LAB_FOODS.meat),
      piece: slab(20),
      surroundings: { kind: 'chamber', chamber: builtChamber('fan-oven'), load_kg: 0.3 },
      room: { temperature_c: 21, relativeHumidity: 0.5, pressure_pa: pressureAt(altitude_m) },
      stages: [stage(60, 180, { preheated: true })],
    });
    expect(Math.abs(frameAt(frames, 60).core_c - boils_c)).toBeLessThan(0.6);
  });

  it.each([
    [0, 99.97],
    [1000, 96.65],
    [1600, 94.65],
    [2500, 91.64],
    [3000, 89.97],
  ])('water boils at %d m at %f °C', (m, boils_c) => {
    expect(Math.abs(boilingPoint(pressureAt(m)) - boils_c)).toBeLessThan(0.02);
  });

  // IAPWS steam tables.
  it.each([
    [20, 2339],
    [60, 19947],
    [100, 101418],
    [120, 198670],
    [177, 935500],
  ])('saturated vapour at %d °C has %d Pa', (c, pa) => {
    expect(Math.abs(saturationPressure(c) / pa - 1)).toBeLessThan(0.001);
  });

  it('a saturated slab in dry moving air settles at the wet bulb, 28.0 °C', () => {
    const { frames } = run({
      material: labMaterial(ROOT, { ...IDEAL, wetDiffusivity_m2_per_s: 3e-7, dryDiffusivity_m2_per_s: 3e-7 }),
      piece: slab(4, 21),
      surroundings: steady(71, 1238, 20, massTransfer(20, SEA_LEVEL_PA)),
      stages: [stage(30, 71)],
    });
    expect(Math.abs(frameAt(frames, 25).mean_c - 28)).toBeLessThan(0.3);
  });
});

describe('limits that any drying must respect', () => {
  it('a thin piece in room air comes to the isotherm of that air', () => {
    const { end } = run({
      material: labMaterial(STIFF_DOUGH),
      piece: slab(2, 30),
      surroundings: steady(30, 0.5 * saturationPressure(30), 20, 6e-8),
      stages: [stage(40 * 1440, 30)],
      recordEvery_s: 86400,
    });
    expect(Math.abs(end.meanMoisture / 0.1073 - 1)).toBeLessThan(0.01);
  });

  it('the 105 °C drying oven leaves nothing', () => {
    const { end } = run({
      material: labMaterial(STIFF_DOUGH),
      piece: slab(2),
      surroundings: steady(105, 0, 20, 6e-8),
      stages: [stage(600, 105)],
      recordEvery_s: 3600,
    });
    expect(end.meanMoisture).toBeLessThan(1e-4);
  });
});

describe('the empty oven', () => {
  const empty = {
    material: labMaterial(STIFF_DOUGH),
    piece: slab(6.4),
    surroundings: { kind: 'chamber', chamber: LAB_OVEN, load_kg: 0 },
  } as const;
  const airAt = (after: number, more: Parameters<typeof stage>[2], set: number | 'off' = 'off'): number => {
    const { frames } = run({ ...empty, stages: [stage(1, 177, { preheated: true }), stage(130, set, more)], recordEvery_s: 10 });
    return frameAt(frames, 1 + after).air_c;
  };

  it('heats from 21 to 175 °C in 13 minutes', () => {
    expect(Math.abs(preheat(LAB_OVEN, 175, 21).time_s / 60 - 13)).toBeLessThan(1);
  });

  // Off and shut; off with the door ajar [minutes, °C]. Tolerance: 1 K or one minute's cooling.
  it.each([
    [30, 112],
    [60, 74],
    [120, 39],
  ])('switched off and shut it is at %d min down to %d °C', (minute, air_c) => {
    const [later, sooner] = [airAt(minute + 1, {}), airAt(minute - 1, {})];
    expect(air_c).toBeGreaterThan(later - 1);
    expect(air_c).toBeLessThan(sooner + 1);
  });
  it.each([
    [10, 80],
    [20, 45],
    [30, 31],
  ])('switched off and ajar it is at %d min down to %d °C', (minute, air_c) => {
    const [later, sooner] = [airAt(minute + 1, { door: 'ajar' }), airAt(minute - 1, { door: 'ajar' })];
    expect(air_c).toBeGreaterThan(later - 1);
    expect(air_c).toBeLessThan(sooner + 1);
  });

  it('takes about 20 minutes from 177 down to 110 °C shut, about 6 ajar', () => {
    const reaches = (door: 'shut' | 'ajar'): number => {
      const { frames } = run({
        ...empty,
        stages: [stage(1, 177, { preheated: true }), stage(60, 110, { door })],
        recordEvery_s: 10,
      });
      return (frames.find(({ time_s, air_c }) => time_s > 60 && air_c < 110.5)?.time_s ?? Infinity) / 60 - 1;
    };
    // The cooling curve ends flat, so the minute of arrival is soft: a third either way.
    expect(reaches('shut')).toBeGreaterThan(18);
    expect(reaches('shut')).toBeLessThan(33);
    expect(reaches('ajar')).toBeGreaterThan(5);
    expect(reaches('ajar')).toBeLessThan(8);
  });
});
