import type { CautionContext } from '../cautions';
import { warmest, type Stage } from '../heat';
import { applianceRecord } from '../catalogue';
import type { Composition } from '../pantry';
import type { Bake } from './bake';
import type { HeatPlan } from './heat-plan';

/** Heat after drying that counts as the fallback kill step [°C, s]. Source: USDA-FSIS on jerky, 275 °F for ten minutes. */
const AFTER_DRYING = { at_c: 135, for_s: 600 } as const;

/** What the caution rules want to know of the appliances. */
export function heatCautions(
  heat: HeatPlan,
  { frames }: Bake,
  composition: Composition,
): Pick<CautionContext, 'dehydrator' | 'heatedAfter' | 'freezeDry' | 'asked_c' | 'warmest_c'> {
  const drier = heat.applianceStages.findIndex(({ kind }) => applianceRecord(kind).drier);
  const after = heat.applianceStages[drier + 1]?.firstStage ?? Infinity;
  return {
    dehydrator: drier >= 0,
    heatedAfter: heat.stages.some((stage, i) => i >= after && isHotEnough(stage)),
    freezeDry: freezeDryOf(heat, frames, composition),
    ...tooHot(heat),
  };
}

const isHotEnough = ({ set, duration_s }: Stage): boolean =>
  typeof set === 'number' && set >= AFTER_DRYING.at_c && duration_s >= AFTER_DRYING.for_s - 1e-6;

/** The leg whose setpoints lie furthest above what its appliance can hold. */
function tooHot({ applianceStages, stages, room }: HeatPlan): { asked_c: number; warmest_c: number } {
  const all = applianceStages.map(({ surroundings, firstStage }, i) => {
    const mine = stages.slice(firstStage, applianceStages[i + 1]?.firstStage);
    const asked_c = Math.max(0, ...mine.map(({ set }) => (typeof set === 'number' ? set : 0)));
    return {
      asked_c,
      warmest_c: surroundings?.kind === 'chamber' ? warmest(surroundings.chamber, room.temperature_c) : Infinity,
    };
  });
  return all.reduce((worst, applianceStage) =>
    applianceStage.asked_c - applianceStage.warmest_c > worst.asked_c - worst.warmest_c ? applianceStage : worst,
  );
}

function freezeDryOf(
  { applianceStages, stages }: HeatPlan,
  frames: Bake['frames'],
  composition: Composition,
): CautionContext['freezeDry'] {
  const applianceStage = applianceStages.findIndex(({ surroundings }) => surroundings?.kind === 'freeze-dryer');
  if (applianceStage < 0) return null;
  const seconds = (until: number): number => stages.slice(0, until).reduce((sum, { duration_s }) => sum + duration_s, 0);
  const start_s = seconds(applianceStages[applianceStage].firstStage);
  const end_s = seconds(applianceStages[applianceStage + 1]?.firstStage ?? stages.length);
  const before = frames.findLast(({ time_s }) => time_s <= start_s + 1e-6) ?? frames[0];
  const ice = frames.filter(({ time_s, core_c }) => time_s > (start_s + end_s) / 6 && time_s <= end_s && core_c < 0);
  return {
    start_c: before.core_c,
    front_c: Math.max(-80, ...ice.map(({ core_c }) => core_c)),
    sugars_pctOfDry: (100 * composition.sugars_g) / composition.solids_g,
  };
}
