import type { ReactNode } from 'react';

type PageHeadProps = {
  readonly title: ReactNode;
  /** What this place is for, or how it stands. */
  readonly says?: ReactNode;
  /** What can be done here. */
  readonly children?: ReactNode;
};

/** Where one is, and what can be done here. */
export const PageHead = ({ title, says, children }: PageHeadProps): ReactNode => (
  <header className="flex flex-wrap items-center gap-x-4 gap-y-2 pb-1">
    <h1 className="text-[27px]">{title}</h1>
    {says !== undefined && <p className="text-[14.5px] text-soft">{says}</p>}
    <span className="flex-1" />
    {children}
  </header>
);
