'use client';
import { usePathname } from 'next/navigation';
import { useEffect, useRef } from 'react';

/** After a move to another page the focus is on its heading, so that reading begins there; the first page is the browser's. */
export function FocusOnMove(): null {
  const path = usePathname();
  const before = useRef(path);
  useEffect(() => {
    if (before.current === path) return;
    before.current = path;
    const heading = document.querySelector<HTMLElement>('main h1');
    if (!heading || document.activeElement?.closest('[role=dialog]')) return;
    heading.tabIndex = -1;
    heading.focus({ preventScroll: true });
  }, [path]);
  return null;
}
