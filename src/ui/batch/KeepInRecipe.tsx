'use client';
import { useState, type ReactNode } from 'react';
import { Button } from '../kit/Button';
import { useAfterSaving } from '../kit/autosave/use-after-saving';
import { call } from '../kit/api';

type KeepInRecipeProps = {
  readonly batchId: string;
  /** The batch was started from a recipe of the book. */
  readonly known: boolean;
  readonly saved: boolean;
  readonly saveNow: () => void;
};

/** Asks the oven to keep the saved batch in its recipe; what is said about it. */
async function keep(batchId: string): Promise<ReactNode> {
  const answer = await call<{ readonly id: string }>(`/api/batches/${batchId}/recipe`, { method: 'POST' });
  if (!answer.ok) return answer.message;
  return (
    <a className="underline" href={`/recipes/${answer.value.id}`}>
      kept in the recipe
    </a>
  );
}

/** Writes what this batch found out back into its recipe, as a new version; the old one stays in its history. */
export function KeepInRecipe({ batchId, known, saved, saveNow }: KeepInRecipeProps): ReactNode {
  const [said, setSaid] = useState<ReactNode>(null);
  const [ask] = useAfterSaving({ saved, saveNow }, async () => setSaid(await keep(batchId)));
  return (
    <>
      <Button
        title="Amounts, shape and programme go into the recipe as a new version"
        onClick={() => {
          setSaid('keeping …');
          ask();
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
