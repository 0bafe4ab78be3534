import type { LotView, PantryItem } from '@/contract/pantry';

/** What is in the house of it [g]. */
export const inHouse_g = ({ lots }: PantryItem): number => lots.reduce((sum, { left_g }) => sum + left_g, 0);

/** The lot to use first: what goes off first. */
export const firstToGo = ({ lots }: PantryItem): LotView | null =>
  lots.reduce<LotView | null>(
    (first, lot) => (first && (first.best_before ?? '9999') <= (lot.best_before ?? '9999') ? first : lot),
    null,
  );
