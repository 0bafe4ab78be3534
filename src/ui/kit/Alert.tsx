import type { ReactNode } from 'react';

type AlertProps = {
  /** What did not happen, before the reason, such as "Not saved." */
  readonly title?: string;
  /** A box across the page, or a line where something was tried. */
  readonly look?: 'box' | 'line';
  readonly className?: string;
  /** What is wrong and what to do; nothing shows nothing. */
  readonly children: ReactNode;
};

/** Something is wrong, and said so that it is also read aloud. */
export function Alert({ title, look = 'box', className = '', children }: AlertProps): ReactNode {
  if (children === null || children === undefined || children === false || children === '') return null;
  const frame = look === 'box' ? 'rounded-2xl border-[1.6px] border-stop bg-face px-4 py-2' : '';
  return (
    <p role="alert" className={`${frame} ${title ? '' : 'text-stop'} ${className}`}>
      {title && <strong className="text-stop">{title}</strong>}
      {title && ' '}
      {children}
    </p>
  );
}
