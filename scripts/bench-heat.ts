import { once } from 'node:events';
import { fork } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { bandFrom, type Sample } from '@/core/bands';
import { findProgrammes } from '@/core/search';
import { predict } from '@/core/prediction';
import { type BatchDocument } from '@/core/document';
import { FOOD_CLASSES, SUPPORTS, simulate } from '@/core/heat';
import type { Pantry } from '@/core/pantry';
import {
  STIFF_DOUGH,
  LAB_BROWNING,
  LAB_ROOM,
  SEA_LEVEL_PA,
  USUAL,
  labMaterial,
  slab,
  stage,
  steady,
} from '../tests/reference/laboratory';
import { cellEquations, integrate } from '../tests/reference/stiff-reference';
import type { DrawRequest } from './bench-band-worker';

const DRAWS = 500;
const WORKERS = 2;
const RUNS = 5;

/** Wall time of five hundred draws shared by two workers, and of the band they make [ms]. */
export async function bandTimes(document: BatchDocument, pantry: Pantry): Promise<number[]> {
  const file = fileURLToPath(new URL('./bench-band-worker.mjs', import.meta.url));
  const workers = Array.from({ length: WORKERS }, () => fork(file, { serialization: 'advanced' }));
  try {
    await Promise.all(workers.map((worker) => once(worker, 'message')));
    const share = DRAWS / WORKERS;
    const draw = async (from: number, to: number): Promise<Sample[]> => {
      const answers = workers.map(async (worker, i) => {
        worker.send({ document, from: from + i * to, to: from + (i + 1) * to } satisfies DrawRequest);
        const [samples] = (await once(worker, 'message')) as [Sample[]];
        return samples;
      });
      return (await Promise.all(answers)).flat();
    };
    await draw(0, 20);
    const times: number[] = [];
    for (let run = 0; run < RUNS; run++) {
      const start = performance.now();
      const samples = await draw(0, share);
      const worked = predict(document, { pantry });
      if (!worked.ok) throw new Error(worked.message);
      const band = bandFrom(worked.value, samples);
      if (band.outcome.draws < 0.98 * DRAWS) throw new Error(`only ${band.outcome.draws} draws came back`);
      times.push(performance.now() - start);
    }
    return times;
  } finally {
    for (const worker of workers) worker.kill();
  }
}

/** Wall time of a two-stage search with a dryer to move on into [ms]; the first run, as a page meets it, among them. */
export function findTimes(document: BatchDocument, pantry: Pantry): number[] {
  const target = { snap_min: 7, keeps_days_min: 42, also: [{ kind: 'dehydrator' as const, thermostat_offset_c: 0 }] };
  return Array.from({ length: RUNS }, () => {
    const start = performance.now();
    const found = findProgrammes({ ...document, target }, { pantry });
    if (!found.ok || found.value.candidates.length < 3) throw new Error('the search found too little');
    return performance.now() - start;
  });
}

/** How many times faster the solver is than a general-purpose stiff integrator on the same cells, 45 minutes at 150 °C. */
export function timesFasterThanReference(): number {
  const material = labMaterial(STIFF_DOUGH, { ...FOOD_CLASSES.dough, rise: 1 });
  const [piece, support, minutes] = [slab(6, 20), SUPPORTS['wire-rack'], 45];
  const surroundings = steady(150, 3000, 20, 6e-8);
  if (surroundings.kind !== 'steady') throw new Error('steady air');
  const { initial, derivative } = cellEquations({ material, piece, surroundings, support, pressure_pa: SEA_LEVEL_PA, cells: 16 });
  const timed = (work: () => unknown): number => {
    const start = performance.now();
    work();
    return performance.now() - start;
  };
  const ours = (): unknown =>
    simulate({
      material,
      piece,
      surroundings,
      room: LAB_ROOM,
      browning: LAB_BROWNING,
      fineness: USUAL,
      recordEvery_s: 0,
      stages: [stage(minutes, 150)],
    });
  const best = (work: () => unknown, runs: number): number => Math.min(...Array.from({ length: runs }, () => timed(work)));
  return best(() => integrate(derivative, initial, minutes * 60, 0.02), 2) / best(ours, 50);
}
