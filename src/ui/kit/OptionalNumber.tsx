'use client';
import { useState, type ReactNode } from 'react';

type OptionalNumberProps = {
  readonly label: string;
  readonly unit: string;
  /** Null where nothing was entered. */
  readonly value: number | null;
  readonly placeholder: string;
  readonly max: number;
  readonly onChange: (value: number | null) => void;
};

/** A number that may be left out. What is typed stays as typed; only nothing, or a number within the limits, is passed on. */
export function OptionalNumber({ label, unit, value, placeholder, max, onChange }: OptionalNumberProps): ReactNode {
  const [typed, setTyped] = useState<string | null>(null);
  const parse = (text: string): number => Number(text.trim().replace(',', '.'));
  const wrong = typed !== null && typed.trim() !== '' && !(parse(typed) >= 0 && parse(typed) <= max);
  return (
    <span
      className={`inline-flex items-baseline rounded-[10px] border-[1.4px] bg-face px-2 py-0.5 ${wrong ? 'border-stop' : 'border-rim/55 focus-within:border-rim'}`}
    >
      <input
        aria-label={wrong ? `${label}: between 0 and ${max} ${unit}` : label}
        aria-invalid={wrong}
        title={wrong ? `between 0 and ${max} ${unit}` : undefined}
        inputMode="decimal"
        placeholder={placeholder}
        className="w-14 bg-transparent text-right font-semibold outline-none placeholder:font-normal placeholder:text-soft"
        value={typed ?? (value === null ? '' : String(value))}
        onChange={({ target }) => {
          setTyped(target.value);
          const number = parse(target.value);
          if (target.value.trim() === '') onChange(null);
          else if (number >= 0 && number <= max) onChange(number);
        }}
        onBlur={() => setTyped(null)}
      />
      <span className="pl-1 text-[13px] text-soft">{unit}</span>
    </span>
  );
}
