'use client';
import { useId, useState, type ReactNode } from 'react';
import { METRIC_READER, fieldUnit } from '@/core/said';
import { readerHere } from '../format/reader-here';
import { FieldWrong } from './FieldWrong';
import { typedValue } from './typed-value';

type OptionalNumberProps = {
  readonly label: string;
  readonly unit: string;
  /** Null where nothing was entered. */
  readonly value: number | null;
  readonly placeholder: string;
  readonly max: number;
  /** Its unit is part of what it means, whoever reads it: grams in a hundred grams. */
  readonly fixed?: boolean;
  readonly onChange: (value: number | null) => void;
};

/** A number that may be left out; it counts once it is entered or left. What is not understood stays as typed and says so. */
export function OptionalNumber({
  label,
  unit,
  value,
  placeholder,
  max,
  fixed = false,
  onChange,
}: OptionalNumberProps): ReactNode {
  const id = useId();
  const as = fieldUnit(fixed ? METRIC_READER : readerHere(), unit);
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const put = (next: string | null): void => {
    setTyped(next);
    setWrong(null);
  };
  const take = (): void => {
    if (typed === null) return;
    const read =
      typed.trim() === ''
        ? null
        : typedValue(typed, { unit: as.typedIn ?? as.unit, behind: as.unit, min: 0, max: as.shown(max) });
    if (read && !read.ok) return setWrong(read.message);
    put(null);
    const next = read ? as.canonical(read.value) : null;
    if (next !== value) onChange(next);
  };
  return (
    <span className="relative inline-flex">
      <span
        className={`inline-flex items-baseline rounded-[10px] border-[1.4px] bg-face px-2 py-0.5 ${wrong ? 'border-stop' : 'border-rim/55 focus-within:border-rim'}`}
      >
        <input
          aria-label={label}
          aria-invalid={wrong !== null}
          aria-describedby={wrong ? `${id}-wrong` : undefined}
          autoComplete="off"
          placeholder={placeholder}
          className="w-14 bg-transparent text-right font-semibold outline-none placeholder:font-normal placeholder:text-soft"
          value={typed ?? (value === null ? '' : as.text(as.shown(value)))}
          onChange={({ target }) => put(target.value)}
          onKeyDown={(event) => (event.key === 'Enter' ? take() : event.key === 'Escape' && put(null))}
          onBlur={take}
        />
        <span className="pl-1 text-[13px] text-soft">{as.unit}</span>
      </span>
      <FieldWrong id={`${id}-wrong`}>{wrong}</FieldWrong>
    </span>
  );
}
