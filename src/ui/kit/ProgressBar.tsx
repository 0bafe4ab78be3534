import type { ReactNode } from 'react';

const HUES = { dough: 'border-dough [&>span]:bg-dough', heat: 'border-heat [&>span]:bg-heat' } as const;

type ProgressBarProps = { readonly label: string; readonly percent: number; readonly hue: keyof typeof HUES };

/** How far long work is. */
export const ProgressBar = ({ label, percent, hue }: ProgressBarProps): ReactNode => (
  <span
    role="progressbar"
    aria-label={label}
    aria-valuenow={percent}
    className={`h-2 w-28 overflow-hidden rounded-full border ${HUES[hue]}`}
  >
    <span className="block h-full" style={{ width: `${percent}%` }} />
  </span>
);
