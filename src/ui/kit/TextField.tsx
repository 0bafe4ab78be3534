'use client';
import { useState, type ReactNode } from 'react';
import { WrappingField } from './WrappingField';

type TextFieldProps = {
  readonly label: string;
  readonly value: string;
  /** Told once the field is left or Enter is pressed, and only of something new. */
  readonly onChange: (value: string) => void;
  readonly placeholder?: string;
  readonly maxLength?: number;
  /** An empty field goes back to what stood there. */
  readonly needed?: boolean;
  /** A name is a heading that can be written over; plain text is a line like any other; a box stands among other fields. */
  readonly look?: 'name' | 'plain' | 'box';
  readonly className?: string;
};

const LOOKS = {
  name: 'rounded-lg bg-transparent font-display text-[21px] font-semibold focus:bg-enamel',
  plain: 'rounded-lg bg-transparent text-soft placeholder:text-soft focus:bg-enamel',
  box: 'rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2.5 py-1 font-semibold placeholder:font-normal placeholder:text-soft focus:border-rim',
};

/** A line of text of one's own. It keeps what is being typed, whatever the page shows meanwhile. */
export function TextField({ label, value, onChange, needed, look = 'plain', ...more }: TextFieldProps): ReactNode {
  const { placeholder, maxLength = 80, className = '' } = more;
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? value;
  const commit = (): void => {
    setTyped(null);
    const next = shown.trim();
    if (next !== value && !(needed && next === '')) onChange(next);
  };
  return (
    <WrappingField
      aria-label={label}
      value={shown}
      maxLength={maxLength}
      placeholder={placeholder}
      className={`min-w-0 ${LOOKS[look]} ${className}`}
      onChange={({ target }) => setTyped(target.value)}
      onBlur={commit}
      onKeyDown={({ key, currentTarget }) => {
        if (key === 'Enter') currentTarget.blur();
        if (key === 'Escape') setTyped(null);
      }}
    />
  );
}
