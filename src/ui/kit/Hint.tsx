import { useId, type ReactNode } from 'react';

/** A word with a one-line explanation on hover and focus. */
export function Hint({ says, children }: { readonly says: string; readonly children: ReactNode }): ReactNode {
  const id = useId();
  return (
    <span className="group/hint relative inline-block">
      <button
        type="button"
        aria-describedby={id}
        className="cursor-help border-b border-dotted border-soft pointer-coarse:-mx-2 pointer-coarse:-my-3 pointer-coarse:border-0 pointer-coarse:px-2 pointer-coarse:py-3 pointer-coarse:underline pointer-coarse:decoration-dotted"
      >
        {children}
      </button>
      <span
        id={id}
        role="tooltip"
        className="pointer-events-none invisible absolute top-full left-0 z-30 mt-1 w-56 rounded-xl border-[1.4px] border-rim bg-face px-3 py-1.5 text-[13px] leading-snug font-normal text-ink group-focus-within/hint:visible group-hover/hint:visible"
      >
        {says}
      </span>
    </span>
  );
}
