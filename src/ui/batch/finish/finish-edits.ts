import type { HeatStep } from '@/core/catalogue';
import { finishingFrom } from '@/core/document';

/** What a part is given when the heat is over: whether the programme puts it on, and how long and where it then stands. */
export type Stands = { readonly put: boolean; readonly minutes: number; readonly at: 'room' | 'fridge' };

/** The finishing of one part, as the programme says it. */
export function standsOf(steps: readonly HeatStep[], part: string): Stands {
  const on = steps.findIndex((step, i) => i >= finishingFrom(steps) && step.do === 'coat' && step.part === part);
  const next = on < 0 ? undefined : steps[on + 1];
  const dries = next?.do === 'dry-coat' ? next : null;
  return { put: on >= 0, minutes: dries?.minutes ?? 0, at: dries?.at ?? 'room' };
}

/** The programme with a part put on at its end and left standing so long; taken off the programme where it is not put on. */
export function withStanding(steps: readonly HeatStep[], part: string, { put, minutes, at }: Stands): HeatStep[] {
  const on = steps.findIndex((step, i) => i >= finishingFrom(steps) && step.do === 'coat' && step.part === part);
  const dried = on >= 0 && steps[on + 1]?.do === 'dry-coat' ? 2 : 1;
  const coat: HeatStep[] = put
    ? [{ do: 'coat', part }, ...(minutes > 0 ? [{ do: 'dry-coat', minutes, ...(at === 'fridge' ? { at } : {}) } as const] : [])]
    : [];
  return on < 0 ? [...steps, ...coat] : [...steps.slice(0, on), ...coat, ...steps.slice(on + dried)];
}
