'use client';
import { useLayoutEffect, useRef, useState, type RefObject } from 'react';

/** The width of an element [px], followed as it changes; drawn things need it so that their text is not stretched. */
export function useWidth<T extends HTMLElement>(first: number): [RefObject<T | null>, number] {
  const ref = useRef<T>(null);
  const [width, setWidth] = useState(first);
  useLayoutEffect(() => {
    const element = ref.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => setWidth(Math.round(entry.contentRect.width)));
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, width];
}
