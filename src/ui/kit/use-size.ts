'use client';
import { useLayoutEffect, useRef, useState, type RefObject } from 'react';

type Size = { readonly width: number; readonly height: number };

/** The size of an element [px], followed as it changes; drawn things need it so that their text is not stretched. */
export function useSize<T extends HTMLElement>(first: Size): [RefObject<T | null>, Size] {
  const ref = useRef<T>(null);
  const [size, setSize] = useState(first);
  useLayoutEffect(() => {
    const element = ref.current;
    if (!element) return;
    const observer = new ResizeObserver(([{ contentRect }]) => {
      const [width, height] = [Math.round(contentRect.width), Math.round(contentRect.height)];
      // What is not shown has no size; what was known of it stands until it is.
      if (width > 0) setSize((now) => (now.width === width && now.height === height ? now : { width, height }));
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, size];
}
