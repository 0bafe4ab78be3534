import type { ReactNode } from 'react';

/** A bench's title, what it is about in one line, and its tools on the right. */
export function BenchHead({
  title,
  about,
  children,
}: {
  readonly title: string;
  readonly about: string;
  readonly children?: ReactNode;
}): ReactNode {
  return (
    <header className="flex flex-wrap items-center gap-x-3 gap-y-2">
      <h2 className="text-[19px]">{title}</h2>
      <p className="min-w-0 flex-1 truncate text-[14px] text-soft">{about}</p>
      {children}
    </header>
  );
}
