import type { HeatStep } from '../catalogue';
import { finishingFrom, type Heat } from '../document';
import type { Prediction } from '../prediction';

/** The programme with everything that is put on when it is over, also where it does not name it, and the time that takes to set. */
export function withFinishing(heat: Heat, { parts, heat: { finish_minutes } }: Prediction): Heat {
  const named = new Set(heat.steps.flatMap((step) => ('part' in step ? [step.part] : [])));
  const unnamed = parts.filter(({ name, when, on_treat_g }) => when === 'after' && on_treat_g > 0 && !named.has(name));
  if (unnamed.length === 0) return heat;
  const from = finishingFrom(heat.steps);
  const stands = heat.steps.slice(from).some((step) => 'minutes' in step);
  const coats = unnamed.map(({ name }): HeatStep => ({ do: 'coat', part: name }));
  const sets: HeatStep[] = stands || finish_minutes < 1 ? [] : [{ do: 'dry-coat', minutes: Math.round(finish_minutes) }];
  return { ...heat, steps: [...heat.steps.slice(0, from), ...coats, ...heat.steps.slice(from), ...sets] };
}
