import type { KitAppliance } from '@/contract/batch';
import type { LotView } from '@/contract/pantry';

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

/** A dog of the house. */
export type BatchDog = DogProfile;

/** What every bench works with. */
export type BenchProps = {
  readonly batchId: string;
  readonly document: BatchDocument;
  readonly edits: Edits;
  readonly questions: Questions;
  readonly nominal: Nominal;
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
  readonly lots: readonly LotView[];
  /** Other recipes that use an ingredient, by its id. */
  readonly alsoUsedIn: ReadonlyMap<string, ReadonlyArray<{ readonly id: string; readonly name: string }>>;
};

export type Bench = 'weigh' | 'mix' | 'shape' | 'heat' | 'cool' | 'pack' | 'keep';
export const BENCHES: readonly Bench[] = ['weigh', 'mix', 'shape', 'heat', 'cool', 'pack', 'keep'];

/** An ingredient's name, also when the pantry does not know it. */
export const nameOf = (pantry: Pantry, id: string): string => pantry.get(id)?.name ?? id;
