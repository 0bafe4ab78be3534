import type { Appliance } from '@/core/catalogue';
import type { BatchDocument } from '@/core/document';
import type { KitchenCosts } from '@/core/outcomes';
import type { Prediction } from '@/core/prediction';
import type { DogProfile } from '@/core/feeding';
import type { Pantry } from '@/core/pantry';
import type { Nominal } from '@/workers/prediction-protocol';
import type { Habits } from '../ingredients/habits';
import type { SearchProgress } from './batch-store';
import type { Compared } from './heat/CompareStrip';
import type { Edits, Questions } from './use-batch';

/** An appliance of the house, in the words of the batch file. */
export type KitAppliance = {
  readonly id: string;
  readonly name: string;
  readonly appliance: Appliance;
  /** The pace that its weighed batches taught, unless that is switched off. */
  readonly known?: { readonly pace: number; readonly batches: number } | null;
};

/** What is in the house of an ingredient. */
export type Lot = {
  readonly id: string;
  readonly ingredient_id: string;
  readonly left_g: number;
  readonly best_before: string | null;
  readonly water_pct: number | null;
};

/** A dog of the house. */
export type BatchDog = DogProfile;

/** What every bench works with. */
export type BenchProps = {
  readonly batchId: string;
  readonly document: BatchDocument;
  readonly edits: Edits;
  readonly questions: Questions;
  readonly likely: Nominal;
  readonly banded: Prediction | null;
  /** The bands are of an older document than the one shown. */
  readonly bandIsOld: boolean;
  readonly search: SearchProgress;
  /** What the batch is held against on every bench; null for nothing. */
  readonly compared: Compared | null;
  readonly onCompare: (compared: Compared | null) => void;
  readonly pantry: Pantry;
  readonly appliances: readonly KitAppliance[];
  readonly habits: Habits;
  readonly onHabits: (habits: Habits) => void;
  readonly dogs: readonly BatchDog[];
  readonly costs: KitchenCosts;
  readonly lots: readonly Lot[];
  /** Other recipes that use an ingredient, by its id. */
  readonly alsoUsedIn: ReadonlyMap<string, ReadonlyArray<{ readonly id: string; readonly name: string }>>;
};

export type Bench = 'weigh' | 'mix' | 'shape' | 'heat' | 'cool' | 'pack' | 'keep';
export const BENCHES: readonly Bench[] = ['weigh', 'mix', 'shape', 'heat', 'cool', 'pack', 'keep'];

/** An ingredient's name, also when the pantry does not know it. */
export const nameOf = (pantry: Pantry, id: string): string => pantry.get(id)?.name ?? id;
