import type { Caution, CautionContext, Severity } from './caution';
import { RULES } from './rules';

const ORDER: Record<Severity, number> = { stop: 0, mind: 1, note: 2 };

/** Every caution that applies, the gravest first; within one gravity in the order of the work. */
export function cautionsFor(context: CautionContext): Caution[] {
  return RULES.flatMap((rule) => rule(context)).sort((a, b) => ORDER[a.severity] - ORDER[b.severity]);
}
