/**
 * The solver against runs of an independent trial implementation of the same equations (docs/model/heat.md, "Benchmarks"):
 * they prove the port, not the physics. Tolerances are the published ones.
 */
import { describe, expect, it } from 'vitest';

import { lookUpLogAw } from '@/core/sorption';
import {
  LAB_DRYER,
  LAB_FOODS,
  LAB_SUPPORTS,
  APPLE,
  FINE,
  GRAIN_DOUGH,
  LAB_OVEN,
  LAB_ROOM,
  PUREE_DOUGH,
  ROOT,
  STIFF_DOUGH,
  USUAL,
  cutAt,
  frameAt,
  labMaterial,
  pieceOf,
  run,
  slab,
  stage,
  steady,
} from './laboratory';

const stiff = labMaterial(STIFF_DOUGH);
const within = (value: number, expected: number, tolerance: number): void =>
  expect(Math.abs(value - expected)).toBeLessThanOrEqual(tolerance);
const aw25 = (material: typeof stiff, moisture: number): number => {
  const out = new Float64Array(2);
  lookUpLogAw(material.activity, moisture, out);
  return Math.exp(out[0]);
};

/** minute, core °C, surface °C, mean, centre and surface moisture [kg/kg]. */
type Row = [minute: number, core_c: number, surface_c: number, mean: number, centre: number, surface: number];
const B0: Row[] = [
  [5, 61.1, 66.3, 0.3908, 0.4289, 0.0728],
  [10, 74.7, 79.8, 0.3386, 0.4292, 0.0451],
  [20, 83.0, 90.8, 0.2425, 0.4258, 0.0232],
  [30, 86.1, 95.8, 0.159, 0.3616, 0.0152],
  [45, 94.5, 103.2, 0.0525, 0.0767, 0.0064],
  [60, 125.0, 129.6, 0.0007, 0.0012, 0.0002],
];
const B1: Row[] = [
  [5, 47.6, 50.8, 0.4046, 0.4287, 0.0944],
  [10, 58.5, 60.9, 0.3726, 0.4288, 0.0659],
  [20, 66.7, 69.7, 0.3132, 0.4288, 0.044],
  [30, 70.2, 73.7, 0.2614, 0.4258, 0.0346],
  [45, 73.1, 77.4, 0.1935, 0.3927, 0.0265],
  [60, 74.9, 79.7, 0.1335, 0.2786, 0.0217],
];

describe.each([
  ['150 °C air', 150, 3000, B0],
  ['105 °C air', 105, 2000, B1],
] as const)('a 6 mm stiff dough in steady %s', (_, air_c, vapour_pa, rows) => {
  const { frames } = run({
    material: stiff,
    piece: slab(6),
    surroundings: steady(air_c, vapour_pa, 20, 6e-8),
    stages: cutAt([5, 10, 20, 30, 45, 60], air_c),
    fineness: FINE,
  });
  it.each(rows)('at %d min', (minute, core_c, surface_c, mean, centre, surface) => {
    const frame = frameAt(frames, minute);
    within(frame.core_c, core_c, 1);
    within(frame.surface_c, surface_c, 1.5);
    within(frame.meanMoisture, mean, 0.004);
    within(frame.centreMoisture, centre, 0.01);
    within(frame.surfaceMoisture, surface, 0.003);
  });
});

describe('a 6.4 mm biscuit at 177 °C in the still oven', () => {
  const { frames } = run({
    material: stiff,
    piece: pieceOf(6.4, 50, 0.7),
    surroundings: { kind: 'chamber', chamber: LAB_OVEN, load_kg: 0.6 },
    fineness: FINE,
    stages: cutAt([10, 20, 30], 177, { support: LAB_SUPPORTS['paper-on-tray'], preheated: true }),
    screening: true,
  });
  /** minute, vapour Pa, core °C, mean and centre moisture, aw of the mean, edge browning, least screened kill. */
  it.each([
    [10, 12280, 89.7, 0.3344, 0.429, 0.932, 0.032, 0.45],
    [20, 11460, 94.6, 0.2039, 0.399, 0.811, 0.114, 1.87],
    [30, 10010, 98.2, 0.0921, 0.148, 0.395, 0.214, 3.28],
  ])('at %d min', (minute, vapour_pa, core_c, mean, centre, aw, browning, least) => {
    const frame = frameAt(frames, minute);
    within(frame.air_c, 177, 1.5);
    within(frame.air_pa / vapour_pa, 1, 0.05);
    within(frame.core_c, core_c, 1.5);
    within(frame.meanMoisture, mean, 0.03 * stiff.moisture0);
    within(frame.centreMoisture, centre, 0.03 * stiff.moisture0);
    within(aw25(stiff, frame.meanMoisture), aw, 0.03);
    within(frame.browningEdge, browning, 0.01);
    within(frame.screenedLeast, least, 0.15);
    expect(frame.screenedCentre).toBeGreaterThanOrEqual(20);
  });
});

describe('apple rings on a rack at 79 °C', () => {
  const material = labMaterial(APPLE, LAB_FOODS.fruit);
  const { frames } = run({
    material,
    piece: pieceOf(5.5, 70, 0.6),
    surroundings: { kind: 'chamber', chamber: LAB_OVEN, load_kg: 0.6 },
    fineness: FINE,
    stages: cutAt([60, 180, 225], 79, { preheated: true }),
  });
  it.each([
    [60, 7010, 48.1, 4.103],
    [180, 5030, 53.3, 0.718],
    [225, 2780, 65.9, 0.069],
  ])('at %d min', (minute, vapour_pa, core_c, mean) => {
    const frame = frameAt(frames, minute);
    within(frame.air_pa / vapour_pa, 1, 0.05);
    within(frame.core_c, core_c, 1.5);
    within(frame.meanMoisture, mean, 0.03 * material.moisture0);
  });
});

describe('root slices in a cold-started dehydrator at 71 °C', () => {
  const material = labMaterial(ROOT, LAB_FOODS.root);
  const { frames } = run({
    material,
    piece: pieceOf(2.5, 40, 1),
    surroundings: { kind: 'chamber', chamber: LAB_DRYER, load_kg: 1 },
    fineness: FINE,
    stages: cutAt([60, 120, 180], 71, { support: LAB_SUPPORTS.mesh }),
  });
  it.each([
    [60, 57.1, 4130, 35.8, 2.41],
    [120, 59.5, 3820, 37.1, 0.812],
    [180, 71.0, 1280, 70.5, 0.01],
  ])('at %d min', (minute, air_c, vapour_pa, core_c, mean) => {
    const frame = frameAt(frames, minute);
    within(frame.air_c, air_c, 1.5);
    within(frame.air_pa / vapour_pa, 1, 0.05);
    within(frame.core_c, core_c, 1.5);
    within(frame.meanMoisture, mean, 0.03 * material.moisture0);
  });
});

describe('isotherm of the check runs', () => {
  const materials = { grain: labMaterial(GRAIN_DOUGH), stiff, apple: labMaterial(APPLE, LAB_FOODS.fruit) };
  it.each([
    ['grain', [0.062, 0.092, 0.131, 0.181, 0.243, 0.436]],
    ['stiff', [0.064, 0.093, 0.13, 0.175, 0.229, 0.388]],
    ['apple', [0.039, 0.087, 0.179, 0.34, 0.62, 1.987]],
  ] as const)('%s holds the published water', (name, water) => {
    [0.2, 0.4, 0.6, 0.75, 0.85, 0.95].forEach((aw, i) =>
      within(materials[name].activity.water_kg_per_kg(aw) / water[i], 1, 0.02),
    );
  });
  it('reads back the aw it was given, from .05 to .99', () => {
    for (let aw = 0.05; aw < 0.99; aw += 0.01) within(aw25(stiff, stiff.activity.water_kg_per_kg(aw)), aw, 0.003);
  });
});

describe('convergence and conservation', () => {
  const bake = (fineness: typeof USUAL): ReturnType<typeof run> =>
    run({
      material: labMaterial(GRAIN_DOUGH),
      piece: pieceOf(6.4, 50, 0.7),
      surroundings: { kind: 'chamber', chamber: LAB_OVEN, load_kg: 0.6 },
      stages: [stage(60, 177, { support: LAB_SUPPORTS['paper-on-tray'], preheated: true })],
      fineness,
    });
  it('twelve cells and 48 agree within one part in a hundred of the first moisture', () => {
    const [coarse, fine] = [bake({ ...USUAL, cells: 12 }), bake({ ...USUAL, cells: 48 })];
    for (const minute of [10, 30, 50])
      within(frameAt(coarse.frames, minute).meanMoisture, frameAt(fine.frames, minute).meanMoisture, 0.01 * 0.818);
  });
  it('steps of up to a minute and of five seconds dry out within two minutes of each other', () => {
    const half = ({ frames }: ReturnType<typeof run>): number =>
      (frames.find(({ meanMoisture }) => aw25(labMaterial(GRAIN_DOUGH), meanMoisture) < 0.5)?.time_s ?? Infinity) / 60;
    within(half(bake(USUAL)), half(bake({ ...USUAL, longest_s: 5 })), 2);
  });
  it('water closes to 1e-12 and energy to 1e-9 of what went in', () => {
    for (const material of [stiff, labMaterial(PUREE_DOUGH), labMaterial(ROOT, LAB_FOODS.root)]) {
      const { waterError, energyError } = run({
        material,
        piece: pieceOf(6, 50, 0.7),
        surroundings: { kind: 'chamber', chamber: LAB_OVEN, load_kg: 0.45 },
        stages: [
          stage(20, 163, { support: LAB_SUPPORTS['paper-on-tray'], preheated: true }),
          stage(15, 110, {
            support: LAB_SUPPORTS['paper-on-tray'],
            events: [{ do: 'turn' }, { do: 'brush', water_kg_per_m2: 0.03 }],
          }),
          stage(30, 'off'),
          stage(60, 'room'),
        ],
      });
      expect(waterError).toBeLessThan(1e-12);
      expect(energyError).toBeLessThan(1e-9);
    }
  });
  it('a dry biscuit takes water up again from a humid room', () => {
    const dry = labMaterial([3, 58.2, 12.5, 2.77, 1.39, 5.54, 15.24, 1.39]);
    const { end } = run({
      material: dry,
      piece: { ...pieceOf(6.4, 50, 0.7), start_c: 21 },
      surroundings: { kind: 'chamber', chamber: LAB_OVEN, load_kg: 0.6 },
      room: { ...LAB_ROOM, relativeHumidity: 0.75 },
      stages: [stage(720, 'room')],
      recordEvery_s: 600,
    });
    // Published as 6.9 %, a rounded figure, with 1 % of it as tolerance.
    within(end.meanMoisture / (1 + end.meanMoisture), 0.069, 0.0012);
  });
});
