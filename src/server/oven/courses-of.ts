import { trayCourses } from '@/core/calls';
import { type BatchDocument } from '@/core/document';
import type { Pantry } from '@/core/pantry';
import { remembered } from '../remembered';

const MOST = 60;

/** A batch's trays over time, in each appliance: some thirty runs of the simulator each. */
export const coursesOf = remembered(MOST, (document: BatchDocument, pantry: Pantry) => trayCourses(document, { pantry }));
