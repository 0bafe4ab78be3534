import type { ComponentProps, ReactNode } from 'react';

type Look = 'plain' | 'main' | 'small' | 'quiet';
const LOOKS: Record<Look, string> = {
  plain: 'border-[1.6px] border-rim bg-face px-4 py-1.5 font-semibold text-ink hover:bg-enamel',
  main: 'border-[1.6px] border-heat bg-heat px-4 py-1.5 font-semibold text-face hover:brightness-110',
  small: 'border-[1.4px] border-hair bg-enamel px-2.5 py-0.5 text-[13.5px] font-semibold text-ink hover:border-rim',
  quiet: 'border border-transparent px-1.5 text-soft hover:text-ink',
};

/** The look of a button, for links that are as much as buttons. Paper has no buttons. */
export const buttonClass = (look: Look = 'plain'): string =>
  `inline-flex items-center gap-1.5 max-w-full rounded-full print:hidden sm:whitespace-nowrap ${LOOKS[look]}`;

/** A button with a verb on it. */
export function Button({
  look = 'plain',
  className = '',
  ...rest
}: ComponentProps<'button'> & { readonly look?: Look }): ReactNode {
  return (
    <button type="button" {...rest} className={`${buttonClass(look)} disabled:cursor-default disabled:opacity-45 ${className}`} />
  );
}
