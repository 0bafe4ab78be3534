'use client';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';

/** Asks for the page's data again whenever something at the oven changes, whoever changed it. */
export function useOvenChanges(wanted = true): void {
  const router = useRouter();
  useEffect(() => {
    if (!wanted) return;
    const stream = new EventSource('/api/oven/stream');
    stream.addEventListener('changed', () => router.refresh());
    return () => stream.close();
  }, [router, wanted]);
}
