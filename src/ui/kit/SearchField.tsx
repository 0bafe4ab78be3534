'use client';
import { useRef, useState, type ReactNode } from 'react';

type SearchFieldProps = {
  readonly label: string;
  readonly placeholder: string;
  readonly value: string;
  /** Told once fingers rest. */
  readonly onSearch: (typed: string) => void;
};

/** Typed words are asked for once fingers rest [ms]. */
const REST_MS = 250;

/** A field whose words are looked for elsewhere, as soon as nothing more is typed. */
export function SearchField({ label, placeholder, value, onSearch }: SearchFieldProps): ReactNode {
  const [typed, setTyped] = useState(value);
  const resting = useRef<ReturnType<typeof setTimeout>>(undefined);
  return (
    <input
      type="search"
      aria-label={label}
      placeholder={placeholder}
      value={typed}
      maxLength={120}
      onChange={({ target }) => {
        setTyped(target.value);
        clearTimeout(resting.current);
        resting.current = setTimeout(() => onSearch(target.value.trim()), REST_MS);
      }}
      className="w-56 rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2.5 py-1 text-[15px]"
    />
  );
}
