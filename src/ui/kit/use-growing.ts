import { startTransition, useEffect, useState } from 'react';

/**
 * How many of a long list are drawn: those that the page was served with, then some more at a time until all are there. A browser that
 * lays hundreds of rows out at once answers nobody meanwhile.
 */
export function useGrowing(first: number, more: number, total: number): number {
  const [drawn, setDrawn] = useState(first);
  useEffect(() => {
    if (drawn >= total) return undefined;
    const next = setTimeout(() => startTransition(() => setDrawn(drawn + more)), 0);
    return () => clearTimeout(next);
  }, [drawn, more, total]);
  return Math.min(drawn, total);
}
