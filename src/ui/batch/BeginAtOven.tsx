'use client';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { Button } from '../kit/Button';
import { call, wrongWith } from '../kit/api';
import { useAfterSaving } from '../kit/autosave/use-after-saving';

type BeginAtOvenProps = { readonly batchId: string; readonly saved: boolean; readonly saveNow: () => void };

/** Begins a planned batch by itself, now, as it stands; one that has begun already goes on. */
export function BeginAtOven({ batchId, ...saving }: BeginAtOvenProps): ReactNode {
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [begin, begins] = useAfterSaving(saving, async () => {
    const wrong = wrongWith(await call('/api/oven', { method: 'POST', body: { batch: batchId } }));
    if (wrong === null) router.push('/oven');
    else setTrouble(wrong);
  });
  return (
    <>
      <Button look="main" disabled={begins} onClick={begin}>
        Begin at the oven
      </Button>
      {trouble && (
        <span role="alert" className="text-[14px] text-stop">
          {trouble}
        </span>
      )}
    </>
  );
}
