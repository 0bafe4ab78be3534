import type { KitAppliance } from '@/contract/batch';
import type { Appliance } from '@/core/catalogue';

/** An appliance of the kit as a programme names it: with the pace that its weighed batches taught. */
export const atKnownPace = ({ id, appliance, known }: KitAppliance): Appliance => ({
  ...appliance,
  id,
  ...(known ? { pace: known.pace } : {}),
});
