import type { Appliance } from '@/core/catalogue';
import type { BatchDocument } from '@/core/document';
import type { Version } from './version';

/** A batch's document at one revision. */
export type BatchVersion = Version<BatchDocument>;

/** An appliance of the house, in the words of the batch file. */
export type KitAppliance = {
  readonly id: string;
  readonly name: string;
  readonly appliance: Appliance;
  /** The pace that its weighed batches taught, unless that is switched off. */
  readonly known?: { readonly pace: number; readonly batches: number } | null;
};

/** Planned batches whose name holds what was typed, the one changed last first, as far as they are told; and how many there are. */
export type PlannedList = {
  readonly rows: ReadonlyArray<{ readonly id: string; readonly name: string; readonly pieces: number }>;
  readonly total: number;
};

/** How a batch stood before each spell of work on it, the newest first. */
export type BatchVersions = {
  readonly versions: ReadonlyArray<{
    readonly revision: number;
    readonly document: BatchDocument;
    readonly saved_at: string;
    /** Whose work it was; empty where nobody needs to be known. */
    readonly saved_by: string;
  }>;
};
