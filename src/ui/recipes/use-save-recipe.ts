'use client';
import { useState } from 'react';
import type { BatchDocument } from '@/core/document';
import { type Refused, call } from '../kit/api';

/** The recipe that is edited, as it was opened; null for a new one. */
export type SavedRecipe = { readonly id: string; readonly revision: number } | null;
type Wrong = Pick<Refused, 'code' | 'message'>;

/**
 * Saves a recipe when asked to: each save is a version.
 *
 * @param newest - the document as it stands now, which may be a moment ahead of the one that is shown
 * @param onSaved - called once it is in the book
 */
export function useSaveRecipe(
  saved: SavedRecipe,
  newest: () => BatchDocument,
  onSaved: () => void = () => undefined,
): { busy: boolean; wrong: Wrong | null; save: () => void; saveAsCopy: () => void } {
  const [busy, setBusy] = useState(false);
  const [wrong, setWrong] = useState<Wrong | null>(null);
  const send = async (address: string, method: 'POST' | 'PATCH', body: unknown): Promise<void> => {
    setBusy(true);
    setWrong(null);
    const answer = await call<{ readonly id?: string }>(address, { method, body });
    if (answer.ok) {
      onSaved();
      return window.location.assign(`/recipes/${answer.value.id ?? saved?.id ?? ''}`);
    }
    setWrong(answer);
    setBusy(false);
  };
  const asNew = (): void => void send('/api/recipes', 'POST', newest());
  return {
    busy,
    wrong,
    save: () =>
      saved ? void send(`/api/recipes/${saved.id}`, 'PATCH', { revision: saved.revision, document: newest() }) : asNew(),
    saveAsCopy: asNew,
  };
}
