import type { DogFacts } from '@/contract/dogs';
import { UNKNOWN_DOG } from '@/core/feeding';

/** A dog that nothing is known of yet. */
export const NEW_DOG: DogFacts = { ...UNKNOWN_DOG, name: 'A new dog', kind: '', weight_kg: 12, note: '' };
