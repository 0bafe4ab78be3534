import type { HeatStep } from '../catalogue';
import { finishingFrom, type BatchDocument, type Heat } from '../document';
import type { Result } from '../failure';
import { predict, type Kitchen, type PredictionRun } from '../prediction';

/** A batch whose heat is searched; what is done when the heat is over stays as it is. */
export type Searched = { readonly document: BatchDocument; readonly kitchen: Kitchen; readonly tail: readonly HeatStep[] };

/** Takes a document apart into the heat that is searched and what follows it; what is tried is packed as the batch is now. */
export function searchedOf(written: BatchDocument, kitchen: Kitchen): Searched {
  const document = { ...written, ...packedAsNow(written, kitchen) };
  const { steps } = document.heat;
  const from = finishingFrom(steps);
  return { document: { ...document, heat: { ...document.heat, steps: steps.slice(0, from) } }, kitchen, tail: steps.slice(from) };
}

/** A programme with what is done when it is over. */
export const withTail = (heat: Heat, tail: readonly HeatStep[]): Heat =>
  tail.length === 0 ? heat : { ...heat, steps: [...heat.steps, ...tail] };

/** Predicts the batch with another programme, finished as it is written. */
export const predictTried = ({ document, kitchen, tail }: Searched, heat: Heat): Result<PredictionRun> =>
  predict({ ...document, heat: withTail(heat, tail) }, kitchen, 'light');

function packedAsNow({ pack = [], ...written }: BatchDocument, kitchen: Kitchen): Pick<BatchDocument, 'pack'> {
  if (pack.length > 0) return { pack };
  const now = predict(written, kitchen, 'quick');
  return now.ok ? { pack: now.value.packs } : {};
}
