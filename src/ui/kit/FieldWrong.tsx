import type { ReactNode } from 'react';

/** What a field would accept, under it, for as long as something else stands there. */
export function FieldWrong({ id, children }: { readonly id: string; readonly children: string | null }): ReactNode {
  if (children === null) return null;
  return (
    <span
      id={id}
      role="alert"
      className="absolute top-full left-0 z-20 mt-1 max-w-72 min-w-40 rounded-lg border border-stop bg-face px-2 py-0.5 text-[13px] text-stop"
    >
      {children}
    </span>
  );
}
