import { applianceRecord, isChamber, type Appliance, type HeatStep } from '../catalogue';
import type { BatchDocument, Heat } from '../document';
import { predict, type Kitchen } from '../prediction';

/** An oven this hot heats a wet middle through before it dries [°C], tried for these minutes. Source: ours. */
const HEATS_C = 160;
const TRIED_MIN = [10, 15, 20, 25, 30, 40, 50, 60] as const;

/**
 * The programme with the least heat before it that lifts "not hot enough while it is wet"; null where it is lifted already, or
 * nothing of what was tried lifts it.
 *
 * @param oven - where it is heated when the programme's own first appliance cannot
 */
export function heatedThrough(document: BatchDocument, kitchen: Kitchen, oven: Appliance): Heat | null {
  if (isHotEnough(document, kitchen)) return null;
  for (const minutes of TRIED_MIN) {
    const heat = withHeatFirst(document.heat, { do: 'hold', setpoint_c: HEATS_C, minutes }, oven);
    if (isHotEnough({ ...document, heat }, kitchen)) return heat;
  }
  return null;
}

function isHotEnough(document: BatchDocument, kitchen: Kitchen): boolean {
  const worked = predict(document, kitchen, 'quick');
  if (!worked.ok) return false;
  const { raw } = worked.value.prediction.heat;
  return raw === null || raw.kill_step === 'while-wet';
}

/** What can bake bakes first; what only dries, freezes or draws a vacuum comes after an oven. */
function withHeatFirst(heat: Heat, first: HeatStep, oven: Appliance): Heat {
  const kind = heat.appliance?.kind ?? 'static-oven';
  const bakes = isChamber(kind) && !applianceRecord(kind).drier;
  if (bakes) return { ...heat, steps: [first, ...heat.steps] };
  const { base, appliance = {}, steps } = heat;
  return { appliance: oven, steps: [first, { do: 'move', appliance, ...(base ? { base } : {}) }, ...steps] };
}
