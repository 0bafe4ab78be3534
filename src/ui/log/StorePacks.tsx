'use client';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { Button } from '../kit/Button';
import { call, wrongWith } from '../kit/api';

/** Puts a batch that was not packed at the oven into the store room. */
export function StorePacks({ id }: { readonly id: string }): ReactNode {
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | null>(null);
  const put = async (): Promise<void> => {
    const wrong = wrongWith(await call('/api/jars', { method: 'POST', body: { batch: id } }));
    if (wrong === null) router.push('/jars');
    else setTrouble(wrong);
  };
  return (
    <>
      {trouble && (
        <span role="alert" className="text-[14px] text-stop">
          {trouble}
        </span>
      )}
      <Button onClick={() => void put()}>Store the packs</Button>
    </>
  );
}
