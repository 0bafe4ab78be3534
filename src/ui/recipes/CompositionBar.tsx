import type { ReactNode } from 'react';

import type { DoughShares } from '@/core/pantry';

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
export function CompositionBar({ shares }: { readonly shares: DoughShares }): ReactNode {
  const words = PARTS.map(({ key }) => `${key} ${shares[key].toFixed(0)} %`);
  return (
    <div>
      <div role="img" aria-label={`The dough: ${words.join(', ')}`} className="flex h-4 gap-[2px] overflow-hidden rounded-full">
        {PARTS.map(({ key, look }) => (
          <span key={key} className={look} style={{ width: `${shares[key]}%` }} />
        ))}
      </div>
      <p className="flex flex-wrap gap-x-2.5 pt-1 text-[13px] text-soft">
        {PARTS.filter(({ key }) => shares[key] >= 1).map(({ key, look }) => (
          <span key={key} className="inline-flex items-center gap-1">
            <span aria-hidden className={`inline-block size-2.5 rounded-[3px] ${look}`} />
            {key} {shares[key].toFixed(0)} %
          </span>
        ))}
      </p>
    </div>
  );
}
