import type { ReactNode } from 'react';
import type { DoughShares } from '@/core/pantry';
import { ShareBar } from '../kit/ShareBar';

const PARTS: ReadonlyArray<{ readonly key: keyof DoughShares; readonly look: string }> = [
  { key: 'water', look: 'bg-water' },
  { key: 'starch', look: 'bg-dough/45' },
  { key: 'protein', look: 'bg-dough' },
  { key: 'fat', look: 'bg-crunch-fill' },
  { key: 'sugars', look: 'bg-keep/60' },
  { key: 'fibre', look: 'bg-moss/70' },
  { key: 'ash', look: 'bg-soft/60' },
];

/** What a dough is made of, by mass. */
export const CompositionBar = ({ shares }: { readonly shares: DoughShares }): ReactNode => (
  <ShareBar
    label="The dough"
    named={0.01}
    shares={PARTS.map(({ key, look }) => ({ name: key, value: shares[key], says: `${shares[key].toFixed(0)} %`, look }))}
  />
);
