import { APPLIANCE } from '@/core/catalogue';
import { BATCH, OWN_COMPOSITION as OWN } from '@/core/document';
import { groupOf } from './joi-of';

/** The batch file as Joi checks it, made of the table of its fields. */
export const BATCH_SCHEMA = groupOf(BATCH);

/** A baker's own ingredient per 100 g, in a batch file and in the pantry's form. */
export const OWN_COMPOSITION = groupOf(OWN);

/** An appliance, in a batch or in the kitchen's kit. */
export const APPLIANCE_SCHEMA = groupOf(APPLIANCE);
