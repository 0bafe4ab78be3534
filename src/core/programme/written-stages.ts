import type { Appliance, ApplianceKind, HeatStep } from '../catalogue';
import { finishingFrom, type Heat, type Path } from '../document';

/** Minutes that a programme has its pieces in no appliance: on the rack, or in the fridge. */
export type Outside = Extract<HeatStep, { do: 'cool' | 'chill' | 'dry-coat' }>;

/** What stands in one appliance, as the baker wrote it, with where each step stands in the programme. */
export type WrittenStage = {
  readonly kind: ApplianceKind;
  readonly appliance: Appliance | undefined;
  readonly steps: ReadonlyArray<{ readonly index: number; readonly step: HeatStep }>;
  /** What pieces stand on or in before they go into it, and after it. */
  readonly before: readonly Outside[];
  readonly after: readonly Outside[];
};

type Written = Omit<WrittenStage, 'before' | 'after'>;

/** A programme by the appliances it goes through, until the heat is over; those that take no time are left out. */
export function writtenStages({ appliance, steps }: Heat): WrittenStage[] {
  type Growing = Omit<Written, 'steps'> & { steps: Array<Written['steps'][number]> };
  const first: Growing = { kind: appliance?.kind ?? 'static-oven', appliance, steps: [] };
  const applianceStages = [first];
  for (const [index, step] of steps.slice(0, finishingFrom(steps)).entries()) {
    const applianceStage = applianceStages[applianceStages.length - 1];
    if (step.do === 'move' && step.appliance)
      applianceStages.push({ kind: step.appliance.kind ?? 'static-oven', appliance: step.appliance, steps: [] });
    else if (step.do === 'freeze' && applianceStage.steps.some((one) => 'minutes' in one.step))
      applianceStages.push({ kind: 'freezer', appliance: undefined, steps: [{ index, step }] });
    else if (step.do === 'freeze-dry' && applianceStage.kind === 'freezer')
      applianceStages.push({ kind: 'freeze-dryer', appliance: undefined, steps: [{ index, step }] });
    else applianceStage.steps.push({ index, step });
  }
  return applianceStages.filter(({ steps: mine }) => mine.some(({ step }) => 'minutes' in step)).map(insideOnly);
}

const isOutside = ({ step }: Written['steps'][number]): boolean => standsOutside(step);
const standsOutside = (step: HeatStep): step is Outside => step.do === 'cool' || step.do === 'chill' || step.do === 'dry-coat';

/** What only cools at either end stands outside; a programme that does nothing but cool is left as it is. */
function insideOnly({ steps, ...applianceStage }: Written): WrittenStage {
  const from = steps.findIndex((one) => !isOutside(one));
  const to = steps.findLastIndex((one) => !isOutside(one)) + 1;
  const inside = from === -1 ? [] : steps.slice(from, to);
  if (!inside.some(({ step }) => 'minutes' in step)) return { ...applianceStage, steps, before: [], after: [] };
  return { ...applianceStage, steps: inside, before: outsideOf(steps.slice(0, from)), after: outsideOf(steps.slice(to)) };
}

const outsideOf = (steps: Written['steps']): Outside[] => steps.flatMap(({ step }) => (standsOutside(step) ? [step] : []));

/** What is done when the heat is over: what is put on, and how long it stands. */
export const finishingSteps = ({ steps }: Pick<Heat, 'steps'>): Array<Outside | Extract<HeatStep, { do: 'brush' | 'coat' }>> =>
  steps
    .slice(finishingFrom(steps))
    .flatMap((step) => (standsOutside(step) || step.do === 'coat' || step.do === 'brush' ? [step] : []));

/** The appliances that a programme names, in order, with where in the document each stands. */
export const namedAppliances = ({
  appliance,
  steps,
}: {
  readonly appliance?: Appliance;
  readonly steps: readonly HeatStep[];
}): Array<{ readonly path: Path; readonly appliance: Appliance }> => [
  { path: ['heat', 'appliance'], appliance: appliance ?? {} },
  ...steps.flatMap((step, i) =>
    step.do === 'move' && step.appliance ? [{ path: ['heat', 'steps', i, 'appliance'], appliance: step.appliance }] : [],
  ),
];

/** A programme with each of the appliances that it names replaced. */
export function mapAppliances(heat: Heat, to: (appliance: Appliance) => Appliance): Heat {
  const steps = heat.steps.map((step) =>
    step.do === 'move' && step.appliance ? { ...step, appliance: to(step.appliance) } : step,
  );
  const appliance = to(heat.appliance ?? {});
  return { ...heat, ...(heat.appliance || Object.keys(appliance).length > 0 ? { appliance } : {}), steps };
}

/** When the pieces go into the appliance of this number, and come out of it, in minutes of the programme without looks through the door. */
export function stayIn(heat: Heat, applianceStage: number): { readonly from_min: number; readonly to_min: number } {
  const minutesOf = (steps: readonly HeatStep[]): number =>
    steps.reduce((sum, step) => sum + ('minutes' in step ? step.minutes : 0), 0);
  let from_min = 0;
  for (const [at, { before, steps, after }] of writtenStages(heat).entries()) {
    const inside = minutesOf(steps.map(({ step }) => step));
    from_min += minutesOf(before);
    if (at === applianceStage) return { from_min, to_min: from_min + inside };
    from_min += inside + minutesOf(after);
  }
  return { from_min, to_min: from_min };
}
