import type { Appliance } from '../catalogue';
import type { BatchDocument } from '../document';
import type { Input } from '../prediction';

/** What a lesson is about, in the order in which a baker meets them. */
export const LESSONS = [
  'thickness',
  'turning',
  'two-stages',
  'oven-off',
  'full-oven',
  'humid-room',
  'slices',
  'cakes',
  'big-and-small',
  'soft',
] as const;
export type LessonName = (typeof LESSONS)[number];

/** One thing to learn: what is baked, and what may be otherwise than the recipe says. */
export type Lesson = {
  readonly name: LessonName;
  /** The recipe of the house that it is baked from, and what is otherwise in it. */
  readonly recipe: string;
  readonly change: (document: BatchDocument) => BatchDocument;
  /** Inputs that lie anywhere within their bands; all others are better known here. */
  readonly unknown: readonly Input[];
};

/** Bakes that a lesson is judged over: one or two could be luck. */
export const BAKES_A_ROUND = 5;

/** A usual household dryer, for a kitchen that has none. */
export const HOUSE_DRYER: Appliance = { kind: 'dehydrator', thermostat_offset_c: 0 };
