'use client';
import { useEffect } from 'react';
import { stayInKitchen } from '../kit/stay-in-kitchen';
import { takeTypedEarly } from '../kit/typed-early';

/** Once a page runs: it stays in the kitchen that it was opened in, and what was typed before it ran counts. */
export function PageAwake(): null {
  useEffect(() => {
    takeTypedEarly();
    document.documentElement.dataset.awake = '';
    return stayInKitchen();
  }, []);
  return null;
}
