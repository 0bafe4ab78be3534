import type { Frame, Profiles } from '../heat';
import { finishOf } from './finish';
import type { DoughMaterial, ShapeYield } from '../yield';
import { clockMinute } from './bake';
import { isCleanAt } from './clean-after';
import type { HeatPlan } from './heat-plan';

/** The piece at one minute of the baker's clock, judged as if it were taken out then and cooled. */
export type CoursePoint = {
  readonly minute: number;
  readonly core_c: number;
  readonly moisture_pct: number;
  readonly centreMoisture_pct: number;
  readonly wettestMoisture_pct: number;
  readonly aw: number;
  readonly coreAw: number;
  readonly snap: number;
  readonly browning: number;
  /** A pick would come out clean. */
  readonly clean: boolean;
};

/** What was recorded of a run. */
export type Recorded = { readonly frames: readonly Frame[]; readonly profiles: Profiles; readonly shares: Float64Array };

/** Every recorded moment of a run in the baker's terms. */
// oxlint-disable-next-line max-params -- older than the rule
export function courseOf(
  { frames, profiles, shares }: Recorded,
  heat: HeatPlan,
  dough: DoughMaterial,
  out: ShapeYield,
  isothermScale = 1,
): CoursePoint[] {
  const clean = isCleanAt(frames, heat.room.pressure_pa);
  return frames.map((frame, i) => {
    const finish = finishOf(frame, profiles.at(frame.row), shares, dough, out, { isothermScale });
    return {
      minute: clockMinute(heat, frame.time_s),
      core_c: frame.core_c,
      moisture_pct: finish.moisture_pct,
      centreMoisture_pct: finish.centreMoisture_pct,
      wettestMoisture_pct: finish.wettestMoisture_pct,
      aw: finish.aw,
      coreAw: finish.coreAw,
      snap: finish.snap,
      browning: frame.browningEdge,
      clean: clean[i],
    };
  });
}
