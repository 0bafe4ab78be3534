import type { HeatStep } from '../catalogue';
import type { Heat } from '../document';
import { finishingSteps, writtenStages, type Outside, type WrittenStage } from '../programme';
import type { Turn } from './turns';
import { withFinishing } from './with-finishing';

/** One part of a batch's way through the heat: a load in an appliance, or all of it on the rack or in the fridge. */
export type Part =
  | { readonly in: 'appliance'; readonly id: string; readonly stage: WrittenStage; readonly load: number; readonly loads: number }
  | { readonly in: 'rack' | 'fridge'; readonly id: string; readonly minutes: number; readonly step: Outside }
  /** At the table: something is put on all of it. */
  | { readonly in: 'hands'; readonly id: string; readonly step: Extract<HeatStep, { do: 'brush' | 'coat' }> };

/** The way through the heat, in order, the minutes on the rack that end it, and what is done to the cold pieces before packing. */
export type CourseOfWork = { readonly parts: readonly Part[]; readonly cool_min: number; readonly finishing: readonly Part[] };

/** What the steps of a turn are told apart by: those of the first go by their plain names. */
export const prefixOf = (turn: number): string => (turn === 0 ? '' : `turn-${turn + 1}-`);

/** Everything that happens to what goes through one programme, with everything that is put on when it is over. */
export function courseOf({ document, prediction }: Pick<Turn, 'document' | 'prediction'>, prefix: string): CourseOfWork {
  const { heat } = prediction;
  const { parts, finishing, cool_min } = courseOfWork(
    withFinishing(document.heat, prediction),
    (stage) => heat.stages[stage]?.loads ?? 1,
    heat.cooling_minutes,
  );
  const named = (all: readonly Part[]): Part[] => all.map((part) => ({ ...part, id: `${prefix}${part.id}` }));
  return { parts: named(parts), finishing: named(finishing), cool_min };
}

/**
 * Everything that happens to a shaped batch until it is packed.
 *
 * @param loadsIn - loads that an appliance of this number is filled with, one after another
 * @param cooling_minutes - from the programme's end until it is cold
 */
function courseOfWork(heat: Heat, loadsIn: (stage: number) => number, cooling_minutes: number): CourseOfWork {
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
