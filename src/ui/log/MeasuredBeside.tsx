import type { ReactNode } from 'react';
import type { Beside } from '@/contract/log';

type MeasuredProps = { readonly of: Beside; readonly unit: string; readonly digits: number };

/** Measured in bold, and whether it fell inside its band; what is only worked out, with how far it may be off. */
export function MeasuredNumber({ of, unit, digits }: MeasuredProps): ReactNode {
  return (
    <span className="lg:whitespace-nowrap print:whitespace-nowrap">
      <strong>
        {of.measured.toFixed(digits)}
        {unit}
      </strong>{' '}
      {of.give_or_take === undefined ? <Verdict inside={of.inside} /> : <Soft>± {of.give_or_take.toFixed(digits)}</Soft>}
    </span>
  );
}

const Soft = ({ children }: { readonly children: ReactNode }): ReactNode => (
  <span className="text-[13px] text-soft">{children}</span>
);

const Verdict = ({ inside }: Pick<Beside, 'inside'>): ReactNode => (
  <span className={`rounded-full px-2 text-[13px] ${inside ? 'bg-moss-pale text-ink' : 'bg-heat-pale text-ink'}`}>
    {inside ? 'inside' : 'outside'}
  </span>
);

/** The same with the forecast under it. */
export function MeasuredBeside({ of, unit, digits }: MeasuredProps): ReactNode {
  return (
    <>
      <MeasuredNumber of={of} unit={unit} digits={digits} />
      <span className="block text-[14px] text-soft lg:whitespace-nowrap print:text-[8.5pt] print:whitespace-nowrap">
        {of.likely.toFixed(digits)} ({of.low.toFixed(digits)} – {of.high.toFixed(digits)}){unit}
      </span>
    </>
  );
}
