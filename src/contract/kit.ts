import type { Appliance } from '@/core/catalogue';
import type { Places } from '@/core/calls';
import type { KitchenCosts } from '@/core/outcomes';
import type { FirstTrays } from '@/core/teaching';
import type { Version } from './version';

/** What work, packs and wear cost; what is left out is not known. */
export type Costs = Omit<KitchenCosts, 'energy_per_kwh' | 'lost'>;

/** What is known of an appliance of the kitchen. */
export type ApplianceFacts = { readonly name: string; readonly appliance: Appliance };
/** An appliance of the kitchen as it stands saved. */
export type SavedAppliance = Version<ApplianceFacts> & { readonly id: string };

/** The kitchen's appliances, and what it needs to tell what they do in this room. */
export type KitView = {
  readonly appliances: readonly SavedAppliance[];
  readonly currency: string;
  readonly room_c: number;
  readonly costs: Costs;
  readonly places: Places;
  /** Revisions of what belongs to the whole kitchen. */
  readonly revisions: { readonly places: number; readonly costs: number };
};

/** The five small trays of a first bake, and how well the oven would be known after each. */
export type FirstBakeView = FirstTrays;
