import type { BinKind, BinWish, Binned } from '@/contract/bin';
import { counted } from '@/core/quantities';
import { call } from '../kit/api';

/** What was taken away just now and can be brought back at once; null when nothing was, or it was long enough ago. */
let last: readonly Binned[] | null = null;
const listeners = new Set<() => void>();
const tell = (next: readonly Binned[] | null): void => {
  last = next;
  for (const listener of listeners) listener();
};

export const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};
export const lastBinned = (): readonly Binned[] | null => last;
export const nothingOnServer = (): null => null;
/** Takes the notice away; what is in the bin stays there. */
export const letGo = (): void => tell(null);
/** Offers to bring back what another door took away. */
export const offerBack = (binned: Binned): void => tell([binned]);

/** Takes things away into the bin and offers to bring them back; why not, when it could not. */
export async function throwAway(things: readonly BinWish[]): Promise<string | null> {
  const answer = await call<{ readonly binned: readonly Binned[] }>('/api/bin', { body: { things } });
  if (!answer.ok) return answer.message;
  tell(answer.value.binned);
  return null;
}

/** Brings things back where they were; why not, when it could not. */
export async function bringBack(ids: readonly string[]): Promise<string | null> {
  const answer = await call('/api/bin/back', { body: { ids } });
  if (!answer.ok) return answer.message;
  if (last?.some(({ id }) => ids.includes(id))) tell(null);
  return null;
}

export const KIND_NAMES: Readonly<Record<BinKind, string>> = {
  recipe: 'recipe',
  batch: 'batch',
  jar: 'pack',
  lot: 'lot',
  price: 'price',
  ingredient: 'own ingredient',
  bake_day: 'bake day',
  photo: 'photo',
  dog: 'dog',
  appliance: 'appliance',
};

/** "Hillbars is in the bin.", "3 batches are in the bin." */
export function binnedWords(binned: readonly Binned[]): string {
  const [first] = binned;
  if (binned.length === 1) return `${first.name === '' ? `The ${KIND_NAMES[first.kind]}` : first.name} is in the bin.`;
  const alike = binned.every(({ kind }) => kind === first.kind);
  const what = alike ? KIND_NAMES[first.kind] : 'thing';
  return `${counted(binned.length, what).replace(/batchs$/, 'batches')} are in the bin.`;
}
