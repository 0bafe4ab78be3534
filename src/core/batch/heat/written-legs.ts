import type { Appliance, ApplianceKind, Heat, HeatStep } from '../document';

/** What stands in one appliance, as the baker wrote it, with where each step stands in the programme. */
export type WrittenLeg = {
  readonly kind: ApplianceKind;
  readonly appliance: Appliance | undefined;
  readonly steps: ReadonlyArray<{ readonly index: number; readonly step: HeatStep }>;
};

/** A programme by the appliances it goes through; those that take no time are left out. */
export function writtenLegs({ appliance, steps }: Heat): WrittenLeg[] {
  type Growing = Omit<WrittenLeg, 'steps'> & { steps: Array<WrittenLeg['steps'][number]> };
  const first: Growing = { kind: appliance?.kind ?? 'static-oven', appliance, steps: [] };
  const legs = [first];
  for (const [index, step] of steps.entries()) {
    const leg = legs[legs.length - 1];
    if (step.do === 'move' && step.appliance)
      legs.push({ kind: step.appliance.kind ?? 'static-oven', appliance: step.appliance, steps: [] });
    else if (step.do === 'freeze' && leg.steps.some((one) => 'minutes' in one.step))
      legs.push({ kind: 'freezer', appliance: undefined, steps: [{ index, step }] });
    else if (step.do === 'freeze-dry' && leg.kind === 'freezer')
      legs.push({ kind: 'freeze-dryer', appliance: undefined, steps: [{ index, step }] });
    else leg.steps.push({ index, step });
  }
  return legs.filter(({ steps: mine }) => mine.some(({ step }) => 'minutes' in step));
}
