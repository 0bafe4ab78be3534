import type { ReactNode } from 'react';

/** A measured number with the band it was predicted to fall in. */
export type Beside = {
  readonly measured: number;
  readonly likely: number;
  readonly low: number;
  readonly high: number;
  readonly inside: boolean;
};

type MeasuredProps = { readonly of: Beside; readonly unit: string; readonly digits: number };

/** Measured in bold, and whether it fell inside its band. */
export function MeasuredNumber({ of, unit, digits }: MeasuredProps): ReactNode {
  return (
    <span className="whitespace-nowrap">
      <strong>
        {of.measured.toFixed(digits)}
        {unit}
      </strong>{' '}
      <span className={`rounded-full px-2 text-[13px] ${of.inside ? 'bg-moss-pale text-ink' : 'bg-heat-pale text-ink'}`}>
        {of.inside ? 'inside' : 'outside'}
      </span>
    </span>
  );
}

/** The same with the forecast under it. */
export function MeasuredBeside({ of, unit, digits }: MeasuredProps): ReactNode {
  return (
    <>
      <MeasuredNumber of={of} unit={unit} digits={digits} />
      <span className="block text-[14px] whitespace-nowrap text-soft">
        {of.likely.toFixed(digits)} ({of.low.toFixed(digits)} – {of.high.toFixed(digits)}){unit}
      </span>
    </>
  );
}
