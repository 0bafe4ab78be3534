import type { BatchDocument, Prediction } from '@/core/batch';
import type { Pantry } from '@/core/pantry';
import type { Likely } from '@/workers/protocol';
import type { Edits } from './use-batch';

export type Appliance = {
  readonly id: string;
  readonly name: string;
  readonly kind: string;
  readonly thermostat_offset_c: number;
};

/** What every bench works with. */
export type BenchProps = {
  readonly document: BatchDocument;
  readonly edits: Edits;
  readonly likely: Likely;
  readonly banded: Prediction | null;
  readonly pantry: Pantry;
  readonly appliances: readonly Appliance[];
};

export type Bench = 'weigh' | 'mix' | 'shape' | 'heat' | 'cool' | 'pack' | 'keep';
export const BENCHES: readonly Bench[] = ['weigh', 'mix', 'shape', 'heat', 'cool', 'pack', 'keep'];

/** An ingredient's name, also when the pantry does not know it. */
export const nameOf = (pantry: Pantry, id: string): string => pantry.get(id)?.name ?? id;
