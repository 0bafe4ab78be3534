'use client';
import { Link } from '../kit/Link';
import type { ReactNode } from 'react';
import { usePlace } from './use-place';

/** A link of the top rail; it knows when one is there. */
export function NavLink({
  href,
  place,
  className = '',
  children,
}: {
  readonly href: string;
  readonly place: string;
  readonly className?: string;
  readonly children: ReactNode;
}): ReactNode {
  const here = usePlace() === place;
  return (
    <Link
      href={href}
      aria-current={here ? 'page' : undefined}
      className={`rounded-full px-2 py-1 min-[1400px]:px-2.5 ${className} ${here ? 'bg-rail-ink font-semibold text-rail' : 'hover:bg-white/10'}`}
    >
      {children}
    </Link>
  );
}
