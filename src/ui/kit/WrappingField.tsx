import type { ComponentProps, KeyboardEvent, ReactNode } from 'react';

/** A field of one line that goes on below where it has no room, so that none of its words are cut. Enter makes no new line. */
export const WrappingField = ({ className = '', onChange, onKeyDown, ...rest }: ComponentProps<'textarea'>): ReactNode => (
  <textarea
    rows={1}
    {...rest}
    className={`resize-none [field-sizing:content] ${className}`}
    onChange={(event) => {
      // What is pasted may hold line ends; in one line they are spaces.
      if (/[\r\n]/.test(event.target.value)) event.target.value = event.target.value.replace(/[\r\n]+/g, ' ');
      onChange?.(event);
    }}
    onKeyDown={(event: KeyboardEvent<HTMLTextAreaElement>) => {
      if (event.key === 'Enter') event.preventDefault();
      onKeyDown?.(event);
    }}
  />
);
