import { useState } from 'react';
import type { BatchDocument } from '@/core/document';
import type { Result } from '@/core/failure';
import { call, wrongWith } from '../kit/api';

/** A recipe of the book by its name. */
export type Listed = { readonly id: string; readonly name: string };

/** The recipes of the book once it is opened, and what went wrong with it. */
export function useBook(): {
  readonly book: readonly Listed[] | null;
  readonly trouble: string | null;
  readonly setTrouble: (trouble: string | null) => void;
  readonly open: () => Promise<void>;
  readonly fileOf: (listed: Listed) => Promise<Result<BatchDocument>>;
} {
  const [book, setBook] = useState<readonly Listed[] | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const open = async (): Promise<void> => {
    if (book) return;
    const listed = await call<{ readonly recipes: readonly Listed[]; readonly total: number }>('/api/recipes/names');
    setTrouble(wrongWith(listed));
    if (!listed.ok) return;
    const { recipes, total } = listed.value;
    setBook(recipes);
    if (recipes.length < total)
      setTrouble(`${recipes.length} of ${total} recipes are listed; others can be found under Recipes.`);
  };
  return { book, trouble, setTrouble, open, fileOf: ({ id }) => call<BatchDocument>(`/api/recipes/${id}/file`) };
}
