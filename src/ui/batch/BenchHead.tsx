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
      <p className="min-w-56 flex-1 text-[14px] leading-snug text-soft max-sm:min-w-full">{about}</p>
      {children}
    </header>
  );
}
