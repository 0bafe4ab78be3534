'use client';
import { useState } from 'react';
import type { BatchDocument } from '@/core/document';

/** The recipe that is edited, as it was opened; null for a new one. */
export type SavedRecipe = { readonly id: string; readonly revision: number } | null;
type Wrong = { readonly code: string; readonly message: string };

/**
 * Saves a recipe when asked to: each save is a version.
 *
 * @param newest - the document as it stands now, which may be a moment ahead of the one that is shown
 */
export function useSaveRecipe(
  saved: SavedRecipe,
  newest: () => BatchDocument,
): { busy: boolean; wrong: Wrong | null; save: () => void; saveAsCopy: () => void } {
  const [busy, setBusy] = useState(false);
  const [wrong, setWrong] = useState<Wrong | null>(null);
  const send = async (address: string, method: 'POST' | 'PATCH', body: unknown): Promise<void> => {
    setBusy(true);
    setWrong(null);
    try {
      const response = await fetch(address, {
        method,
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body),
      });
      const answer = (await response.json()) as { id?: string; error?: Wrong };
      if (!answer.error) return window.location.assign(`/recipes/${answer.id ?? saved?.id ?? ''}`);
      setWrong(answer.error);
    } catch {
      setWrong({ code: 'OFFLINE', message: 'The oven does not answer. Leave this page open and save again in a moment.' });
    }
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
