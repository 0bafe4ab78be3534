/**
 * When a batch under way will be as dry as planned, told in kitchens whose ovens, doughs and fruit are of another shape than the
 * model: before it goes in and from one tray weighed half-way, after none, one and three batches before it.
 */
import { describe, expect, it } from 'vitest';
import { trayCourses, type TrayCourse } from '@/core/calls';
import { trayModel } from '@/core/calls/tray-table';
import type { HeatStep } from '@/core/catalogue';
import type { BatchDocument } from '@/core/document';
import { simulate, type Simulation } from '@/core/heat';
import { NOTHING_LEARNED, learnFrom, outlook, type Finished } from '@/core/learning';
import { predict } from '@/core/prediction';
import { normals, seededRandom } from '@/core/quantities';
import { PANTRY } from '../reference/shipped';
import { batch } from './scene';

const hold = (setpoint_c: number, minutes: number): HeatStep => ({ do: 'hold', setpoint_c, minutes });
const BATCHES: readonly BatchDocument[] = [
  batch(
    'Hot then low',
    [
      ['flour_wheat_wholemeal', 300],
      ['egg_whole', 50],
      ['water', 120],
      ['rapeseed_oil', 15],
    ],
    {
      shape: { method: 'roll-and-cut', cutter: { outline: 'square', width_mm: 40 }, thickness_mm: 7 },
      heat: { appliance: { kind: 'static-oven' }, steps: [hold(175, 24), hold(110, 70)] },
    },
  ),
  batch('Apple', [['apple_fresh', 800]], {
    shape: { method: 'slice', thickness_mm: 5, diameter_mm: 70 },
    heat: { appliance: { kind: 'dehydrator' }, base: 'mesh', steps: [hold(57, 480)] },
  }),
];
const KITCHENS = 14;
const BEFORE = [0, 1, 3];
/** How long its last setpoint is held on, that every kitchen gets there. */
const ON = 5;

type Kitchen = {
  readonly dial_K: number;
  readonly wind: number;
  readonly walls: number;
  readonly bound: number;
  readonly food: number;
};

/** One batch in a kitchen: its own water and thickness, in an appliance and of a food that stay what they are. */
function truthOf(usual: Simulation, { dial_K, wind, walls, bound, food }: Kitchen, normal: () => number): Simulation {
  const { material, piece, surroundings } = usual;
  if (surroundings.kind !== 'chamber') throw new Error('not a chamber');
  const { chamber } = surroundings;
  const share = Math.min(0.93, material.moisture0 / (1 + material.moisture0) + 0.012 * normal());
  return {
    ...usual,
    recordEvery_s: 60,
    piece: { ...piece, thickness_m: piece.thickness_m * Math.exp(0.06 * normal()) },
    stages: usual.stages.map((stage) => (typeof stage.set === 'number' ? { ...stage, set: stage.set + dial_K } : stage)),
    material: {
      ...material,
      moisture0: share / (1 - share),
      solids_kg_per_m3: material.raw_kg_per_m3 * (1 - share),
      food: { ...material.food, boundWater: bound, wetDiffusivity_m2_per_s: material.food.wetDiffusivity_m2_per_s * food },
    },
    surroundings: {
      ...surroundings,
      chamber: {
        ...chamber,
        convectionTop_W_per_m2_K: chamber.convectionTop_W_per_m2_K * wind,
        convectionBottom_W_per_m2_K: chamber.convectionBottom_W_per_m2_K * wind,
        walls: chamber.walls && { ...chamber.walls, capacity_J_per_K: chamber.walls.capacity_J_per_K * walls },
      },
    },
  };
}

function heldOn(document: BatchDocument): Simulation {
  const last = document.heat.steps.at(-1);
  if (last?.do !== 'hold') throw new Error('held on nothing');
  const steps = [...document.heat.steps, hold(last.setpoint_c, last.minutes * ON)];
  const worked = predict({ ...document, heat: { ...document.heat, steps } }, { pantry: PANTRY }, 'light');
  if (!worked.ok) throw new Error(worked.message);
  return worked.value.simulation;
}

type Told = { readonly moment: 'start' | 'half-way'; readonly inside: boolean };

/** A batch as every kitchen plans it. */
type Planned = { readonly tray: TrayCourse; readonly usual: Simulation };

function plan(document: BatchDocument): Planned {
  const courses = trayCourses(document, { pantry: PANTRY });
  if (!courses.ok) throw new Error(courses.message);
  return { tray: courses.value[0], usual: heldOn(document) };
}

/** Every forecast of one kitchen's first batches, held against when they really were as dry as planned. */
function toldIn({ tray: { table, target, lossSpread, minutes: planned }, usual }: Planned, seed: number): Told[] {
  const random = seededRandom(seed);
  const even = (low: number, high: number): number => low + (high - low) * random();
  const factor = (most: number): number => Math.exp(even(-Math.log(most), Math.log(most)));
  const kitchen = { dial_K: even(-10, 10), wind: factor(1.4), walls: factor(1.7), bound: even(1.5, 3.2), food: factor(1.4) };
  const normal = normals(random);
  const model = trayModel(table);
  const asDry = target * (1 + usual.material.moisture0) - 1;
  const told: Told[] = [];
  const done: Finished[] = [];
  for (let before = 0; before <= Math.max(...BEFORE); before++) {
    const simulation = truthOf(usual, kitchen, normal);
    const run = simulate(simulation);
    if (!run.ok) throw new Error(run.message);
    const { frames } = run.value;
    const end = (frames.find(({ meanMoisture }) => meanMoisture <= asDry) ?? frames[frames.length - 1]).time_s / 60;
    const trayAt = (minutes: number): Finished['weighed'][number] => {
      const frame = frames.findLast(({ time_s }) => time_s <= minutes * 60 + 1) ?? frames[0];
      return { minutes, share: (1 + frame.meanMoisture) / (1 + simulation.material.moisture0) + 0.003 * normal() };
    };
    const half = 0.45 * Math.min(end, planned);
    const weighed = [trayAt(half)];
    const known = done.length > 0 ? learnFrom(done) : NOTHING_LEARNED;
    const tray = { model, target, lossSpread };
    if (BEFORE.includes(before))
      for (const [moment, now, soFar] of [
        ['start', 0, []],
        ['half-way', half, weighed],
      ] as const) {
        const said = outlook({ ...tray, weighed: soFar }, now, known).end;
        told.push({ moment, inside: said !== null && end >= said.low && end <= said.high });
      }
    done.push({ ...tray, weighed: [...weighed, trayAt(planned)] });
  }
  return told;
}

describe('forecasts of when a batch is dry', () => {
  const told = BATCHES.map(plan).flatMap((planned) =>
    Array.from({ length: KITCHENS }, (_, k) => toldIn(planned, 500 + k)).flat(),
  );
  it.each(['start', 'half-way'] as const)('hold four times of five, told at the %s', (moment) => {
    const here = told.filter((one) => one.moment === moment);
    expect(here).toHaveLength(BATCHES.length * KITCHENS * BEFORE.length);
    const share = here.filter(({ inside }) => inside).length / here.length;
    expect(share).toBeGreaterThan(0.7);
    expect(share).toBeLessThan(0.97);
  });
});
