'use client';
import { useState, type ReactNode } from 'react';
import { Alert } from '../kit/Alert';
import { Button } from '../kit/Button';
import { beginPractice } from './use-practice';

/** Bakes a batch as practice: the same dough and oven, and something hidden. */
export function PractiseBatch({ id, look = 'plain' }: { readonly id: string; readonly look?: 'plain' | 'small' }): ReactNode {
  const [trouble, setTrouble] = useState<string | null>(null);
  const [going, setGoing] = useState(false);
  const begin = async (): Promise<void> => {
    setGoing(true);
    const wrong = await beginPractice({ batch_id: id });
    setTrouble(wrong);
    if (wrong !== null) setGoing(false);
  };
  return (
    <>
      <Button look={look} disabled={going} onClick={() => void begin()}>
        Practise this bake
      </Button>
      <Alert look="line">{trouble}</Alert>
    </>
  );
}
