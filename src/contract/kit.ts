import type { KitchenCosts } from '@/core/outcomes';

/** What work, packs and wear cost; what is left out is not known. */
export type Costs = Omit<KitchenCosts, 'energy_per_kwh' | 'lost'>;
