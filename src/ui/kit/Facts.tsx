import type { ReactNode } from 'react';

type FactsProps = {
  /** What, and how much of it. */
  readonly facts: ReadonlyArray<readonly [name: string, value: ReactNode]>;
  readonly className?: string;
};

/** A few facts, one a line: what on the left, how much on the right. */
export const Facts = ({ facts, className = '' }: FactsProps): ReactNode => (
  <dl className={`grid gap-x-6 gap-y-1.5 text-[14.5px] sm:grid-cols-[auto_1fr] ${className}`}>
    {facts.map(([name, value]) => (
      <div key={name} className="contents">
        <dt className="text-soft">{name}</dt>
        <dd className="font-semibold">{value}</dd>
      </div>
    ))}
  </dl>
);
