import type { ReactNode } from 'react';

/** One part of a whole: how much of it, how it is told, and its look on the bar. */
export type Share = { readonly name: string; readonly value: number; readonly says: string; readonly look: string };

type ShareBarProps = {
  /** What the whole is, for whoever cannot see it. */
  readonly label: string;
  readonly shares: readonly Share[];
  /** Parts below this share of the whole are on the bar and not named under it [0..1]; none is from infinity on. */
  readonly named?: number;
};

/** What a whole is made of, as one bar with its parts named under it. */
export function ShareBar({ label, shares, named = 0 }: ShareBarProps): ReactNode {
  const all = shares.reduce((sum, { value }) => sum + value, 0) || 1;
  const told = shares.filter(({ value }) => value / all >= named);
  return (
    <div>
      <div
        role="img"
        aria-label={`${label}: ${shares.map(({ name, says }) => `${name} ${says}`).join(', ')}`}
        className="flex h-4 gap-[2px] overflow-hidden rounded-full"
      >
        {shares.map(({ name, value, look }) => (
          <span key={name} className={look} style={{ width: `${(100 * value) / all}%` }} />
        ))}
      </div>
      {told.length > 0 && (
        <p className="flex flex-wrap gap-x-2.5 pt-1 text-[13px] text-soft">
          {told.map(({ name, says, look }) => (
            <span key={name} className="inline-flex items-center gap-1">
              <span aria-hidden className={`inline-block size-2.5 rounded-[3px] ${look}`} />
              {name} {says}
            </span>
          ))}
        </p>
      )}
    </div>
  );
}
