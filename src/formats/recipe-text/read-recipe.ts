import type { Method } from '@/core/document';
import type { DangerCode, DangerSeverity } from '@/core/dangers';
import type { ReadMakes } from './makes';
import type { ReadPart } from './part-heading';
import type { ReadProgramme } from './programme/read-programme';
import type { ReadLine } from './read-line';
import type { ReadShape } from './shape/read-shape';
import type { ReadStore } from './stores';
import type { WhoseCups } from './whose-cups';

/** A line of the list with its part and what in it hurts dogs. */
export type ReadIngredient = ReadLine & {
  /** Name of its part; null for the dough. */
  readonly part: string | null;
  readonly danger: DangerCode | null;
};

/** A danger that a line, a step or the name says, with its words. */
export type ReadCaution = {
  readonly code: DangerCode;
  readonly severity: DangerSeverity;
  readonly line: string;
  readonly words: string;
  readonly message: string;
};

/** A recipe as its words mean it. What no words say is null or assumed, and asked about. */
export type ReadRecipe = {
  readonly name: string;
  readonly cups: WhoseCups;
  readonly parts: readonly ReadPart[];
  readonly ingredients: readonly ReadIngredient[];
  readonly steps: readonly string[];
  /** What else it says: stories, remarks. */
  readonly said: readonly string[];
  readonly programme: ReadProgramme | null;
  readonly shape: ReadShape | null;
  readonly makes: ReadMakes | null;
  readonly stores: readonly ReadStore[];
  readonly method: Method;
  readonly cautions: readonly ReadCaution[];
};
