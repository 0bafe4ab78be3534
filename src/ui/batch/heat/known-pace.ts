import type { Appliance } from '@/core/catalogue';
import type { KitAppliance } from '../bench-props';

/** An appliance of the kit as a programme names it: with the pace that its weighed batches taught. */
export const atKnownPace = ({ id, appliance, known }: KitAppliance): Appliance => ({
  ...appliance,
  id,
  ...(known ? { pace: known.pace } : {}),
});
