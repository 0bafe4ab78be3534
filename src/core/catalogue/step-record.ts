import type { Fields } from '../fields';

/** Everything the house knows of one step of a programme. */
export type StepRecord = {
  readonly do: string;
  /** Its keys in a document besides `do`. */
  readonly fields: Fields;
  /** Water leaves during it because of it, so that more of it dries more. */
  readonly dries: boolean;
  /** As the last thing of a programme it may wait until somebody comes. */
  readonly mayWait: boolean;
  /** The heat is over once it begins. */
  readonly endsHeat: boolean;
};
