'use client';
import { useEffect } from 'react';

/** Has this browser keep the pages seen last, where it allows that: over a line that nobody reads, or on the machine itself. */
export function ServiceWorker(): null {
  useEffect(() => {
    if (!('serviceWorker' in navigator) || process.env.NODE_ENV !== 'production') return;
    // A browser that refuses shows the pages all the same, with a line only.
    navigator.serviceWorker.register('/service-worker.js').catch(() => undefined);
  }, []);
  return null;
}
