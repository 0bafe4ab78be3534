import type { ValueOf } from '../fields';
import type { BATCH, HEAT, LABEL, PORTION, TARGET } from './batch-fields';

/**
 * The batch document: what a baker edits, mails and keeps. The open format is described in docs/batch-file.md;
 * units stand in the key names. Optional keys have defaults, listed in the prediction as `assumed`.
 */
export type BatchDocument = ValueOf<typeof BATCH>;

export type Portion = ValueOf<typeof PORTION>;
export type Heat = ValueOf<typeof HEAT>;
export type Target = ValueOf<typeof TARGET>;
export type Preference = NonNullable<Target['prefer']>;
export type LabelWishes = ValueOf<typeof LABEL>;
export type Scale = NonNullable<BatchDocument['scale']>;

/** No batch file is honestly larger than this [characters]. */
export const LARGEST_FILE = 1_000_000;
