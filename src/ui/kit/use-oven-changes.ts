'use client';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { listenToOven } from './oven-stream';

/** Asks for the page's data again whenever something at the oven changes, whoever changed it. */
export function useOvenChanges(wanted = true): void {
  const router = useRouter();
  useEffect(() => {
    if (!wanted) return;
    return listenToOven({ onChanged: () => router.refresh() });
  }, [router, wanted]);
}
