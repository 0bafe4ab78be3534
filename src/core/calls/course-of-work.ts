import type { HeatStep } from '../catalogue';
import type { Heat } from '../document';
import { finishingSteps, writtenStages, type Outside, type WrittenStage } from '../programme';

/** One part of a batch's way through the heat: a load in an appliance, or all of it on the rack or in the fridge. */
export type Part =
  | { readonly in: 'appliance'; readonly id: string; readonly stage: WrittenStage; readonly load: number; readonly loads: number }
  | { readonly in: 'rack' | 'fridge'; readonly id: string; readonly minutes: number; readonly step: Outside }
  /** At the table: something is put on all of it. */
  | { readonly in: 'hands'; readonly id: string; readonly step: Extract<HeatStep, { do: 'brush' | 'coat' }> };

/** The way through the heat, in order, the minutes on the rack that end it, and what is done to the cold pieces before packing. */
export type CourseOfWork = { readonly parts: readonly Part[]; readonly cool_min: number; readonly finishing: readonly Part[] };

/**
 * Everything that happens to a shaped batch until it is packed.
 *
 * @param loadsIn - loads that an appliance of this number is filled with, one after another
 * @param cooling_minutes - from the programme's end until it is cold
 */
export function courseOfWork(heat: Heat, loadsIn: (stage: number) => number, cooling_minutes: number): CourseOfWork {
  let outside = 0;
  const stand = (step: Outside): Part => ({
    in: step.do === 'chill' || (step.do === 'dry-coat' && step.at === 'fridge') ? 'fridge' : 'rack',
    id: `stand-${++outside}`,
    minutes: Math.max(1, Math.round(step.minutes)),
    step,
  });
  const stages = writtenStages(heat);
  const parts = stages.flatMap((stage, at): Part[] => {
    const loads = Math.max(1, loadsIn(at));
    const inIt = Array.from({ length: loads }, (_, load): Part => {
      const id = `heat-${at + 1}${loads > 1 ? `-${load + 1}` : ''}`;
      return { in: 'appliance', id, stage, load, loads };
    });
    return [...stage.before.map(stand), ...inIt, ...stage.after.map(stand)];
  });
  const last = parts[parts.length - 1];
  const rack = last?.in === 'rack' ? last.minutes : 0;
  const finishing = finishingSteps(heat).map((step, i): Part =>
    'minutes' in step ? stand(step) : { in: 'hands', id: `coat-${i + 1}`, step },
  );
  return {
    parts: rack > 0 ? parts.slice(0, -1) : parts,
    cool_min: Math.max(5, Math.round(rack + cooling_minutes)),
    finishing,
  };
}
