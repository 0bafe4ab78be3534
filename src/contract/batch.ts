import type { Appliance } from '@/core/catalogue';
import type { BatchDocument } from '@/core/document';

/** A batch's document at one revision. */
export type BatchVersion = { readonly revision: number; readonly document: BatchDocument; readonly saved_at: string };

/** An appliance of the house, in the words of the batch file. */
export type KitAppliance = {
  readonly id: string;
  readonly name: string;
  readonly appliance: Appliance;
  /** The pace that its weighed batches taught, unless that is switched off. */
  readonly known?: { readonly pace: number; readonly batches: number } | null;
};
