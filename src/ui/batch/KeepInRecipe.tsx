'use client';
import { useState, type ReactNode } from 'react';
import { Button } from '../kit/Button';

type KeepInRecipeProps = {
  readonly batchId: string;
  /** The batch was started from a recipe of the book. */
  readonly known: boolean;
  readonly saved: boolean;
  readonly saveNow: () => void;
};
type Answer = { readonly id?: string; readonly error?: { readonly message: string } };

/** Writes what this batch found out back into its recipe, as a new version; the old one stays in its history. */
export function KeepInRecipe({ batchId, known, saved, saveNow }: KeepInRecipeProps): ReactNode {
  const [said, setSaid] = useState<ReactNode>(null);
  const keep = async (): Promise<void> => {
    setSaid('keeping …');
    try {
      const response = await fetch(`/api/batches/${batchId}/recipe`, { method: 'POST' });
      const answer = (await response.json()) as Answer;
      setSaid(
        answer.id ? (
          <a className="underline" href={`/recipes/${answer.id}`}>
            kept in the recipe
          </a>
        ) : (
          (answer.error?.message ?? 'It could not be kept.')
        ),
      );
    } catch {
      setSaid('The oven does not answer. Try again in a moment.');
    }
  };
  return (
    <>
      <Button
        title={saved ? 'Amounts, shape and programme go into the recipe as a new version' : 'Save the batch first'}
        onClick={() => {
          if (saved) void keep();
          else saveNow();
        }}
      >
        {known ? 'Keep in recipe' : 'Add to the book'}
      </Button>
      {said !== null && (
        <span role="status" className="text-[14px]">
          {said}
        </span>
      )}
    </>
  );
}
