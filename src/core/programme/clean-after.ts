import { boilingPoint, simulate, type Frame, type Simulation } from '../heat';
import type { HeatPlan } from './heat-plan';

/**
 * A pick comes out clean once the middle has stood two minutes this close to boiling [K]; this many kelvin less take ten
 * times as long, since setting is a matter of time and heat: thin batters cool themselves by their own steam and never
 * come as hot. Source: ours; done muffins and cakes then read 89 to 96 °C, a little under the published 93 to 98.
 */
const BELOW_BOILING_K = 7;
const FOR_S = 120;
const TENFOLD_K = 12;
/** Nobody bakes a cake longer, all holds together [min]. Source: ours. */
const LONGEST_MIN = 180;
const LOOK_EVERY_S = 30;

/**
 * Minutes from the start until a pick comes out clean: through all that is held as it is written, then on at the last heat for as
 * long as it takes; null when it never does, or nothing is heated.
 */
export function cleanAfter(heat: HeatPlan, simulation: Simulation): number | null {
  const [{ pace }] = heat.applianceStages;
  const last = simulation.stages.findLastIndex(({ set }) => typeof set === 'number');
  if (last < 0) return null;
  const written = simulation.stages.slice(0, last + 1);
  const { ramp: _ramp, into: _into, ...held } = written[last];
  const written_s = written.reduce((sum, { duration_s }) => sum + duration_s, 0);
  const more_s = Math.max(0, LONGEST_MIN * 60 * pace - written_s);
  const run = simulate({
    ...simulation,
    stages: more_s > 0 ? [...written, { ...held, preheated: false, events: [], duration_s: more_s }] : written,
    recordEvery_s: LOOK_EVERY_S,
  });
  if (!run.ok) return null;
  const clean = isCleanAt(run.value.frames, heat.room.pressure_pa).indexOf(true);
  return clean < 0 ? null : Math.ceil(run.value.frames[clean].time_s / 60 / pace);
}

/** For every recorded moment, whether a pick would come out clean. */
export function isCleanAt(frames: readonly Frame[], pressure_pa: number): boolean[] {
  const done_c = boilingPoint(pressure_pa) - BELOW_BOILING_K;
  let set_s = 0;
  let last_s = 0;
  return frames.map(({ time_s, core_c }) => {
    set_s += (time_s - last_s) * 10 ** ((core_c - done_c) / TENFOLD_K);
    last_s = time_s;
    return set_s >= FOR_S;
  });
}
