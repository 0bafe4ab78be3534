import { COARSE, simulate } from '../heat';
import { Assumptions } from '../fields';
import { type BatchDocument, type Heat } from '../document';
import { type Finish, finishOf, clockMinute, simulationOf, isCleanAt, planHeat } from '../programme';
import type { DoughMaterial } from '../yield';
import { takenUp, type PredictionRun } from '../prediction';
import type { Ending } from './goal';

/** What all trials of a search share. */
export type Bench = {
  readonly document: BatchDocument;
  readonly worked: PredictionRun;
  /** The dough as a programme leaves it: the more it bakes, the less water starch holds. */
  readonly doughAfter: (heat: Heat) => DoughMaterial;
};

/** A programme tried out coarsely: how it stands at every recorded minute. */
export type Trial = {
  readonly heat: Heat;
  readonly minutes: readonly number[];
  /** How it ends if the pieces come out at a recorded moment; worked out when it is asked for. */
  readonly endAt: (index: number) => Ending;
  readonly browningAt: (index: number) => number;
};

/** Moments recorded of a trial. */
const MOMENTS = 180;

/** Tries a programme; null when it cannot be worked or lies beyond the model. */
export function tryOut({ document, worked, doughAfter }: Bench, heat: Heat): Trial | null {
  const { out, shape, body, treat } = worked;
  const dough = doughAfter(heat);
  const plan = planHeat(heat, document.kitchen, { method: shape.method, out, puts: body.puts }, new Assumptions());
  if (!plan.ok) return null;
  const simulation = simulationOf(plan.value, dough, out);
  const total_s = simulation.stages.reduce((sum, { duration_s }) => sum + duration_s, 0);
  const run = simulate({ ...simulation, fineness: COARSE, recordEvery_s: Math.max(20, total_s / MOMENTS) });
  if (!run.ok) return null;
  const { frames, profiles, shares } = run.value;
  let core_cMax = -Infinity;
  const hottest = frames.map(({ core_c }) => (core_cMax = Math.max(core_cMax, core_c)));
  const clean = isCleanAt(frames, plan.value.room.pressure_pa);
  const known = new Map<number, Ending>();
  const finishAt = (index: number): Finish => {
    const read = (gained: number): Finish =>
      finishOf(frames[index], profiles.at(frames[index].row), shares, dough, out, { gained });
    const bare = read(0);
    const gained = takenUp(treat.coating, { dough, out }, bare);
    return gained === 0 ? bare : read(gained);
  };
  const work = (index: number): Ending => ({
    minute: clockMinute(plan.value, frames[index].time_s),
    finish: finishAt(index),
    browning: frames[index].browningEdge,
    core_cMax: hottest[index],
    kill_log10: frames[index].kill,
    clean: clean[index],
  });
  return {
    heat,
    minutes: frames.map(({ time_s }) => clockMinute(plan.value, time_s)),
    browningAt: (index) => frames[index].browningEdge,
    endAt(index) {
      const ending = known.get(index) ?? work(index);
      known.set(index, ending);
      return ending;
    },
  };
}
