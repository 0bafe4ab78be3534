'use client';
import { useId, useState, type KeyboardEvent, type ReactNode } from 'react';
import { METRIC_READER, fieldUnit, type FieldUnit, type Reader } from '@/core/said';
import { readerHere } from '../format/reader-here';
import { FieldWrong } from './FieldWrong';
import { typedValue } from './typed-value';

type NumberFieldProps = {
  readonly label: string;
  readonly unit?: string;
  /** What a bare number is in, where the unit stands elsewhere. */
  readonly typedIn?: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly step?: number;
  readonly width?: string;
  /** Show the label beside the box; otherwise it is only read out. */
  readonly shown?: boolean;
  /** Its unit is part of what it means, whoever reads it: grams in a hundred grams. */
  readonly fixed?: boolean;
  /** How a value is written that has a form of its own, such as 1/3; null for a plain number. */
  readonly written?: (value: number) => string | null;
  /** Who reads it, where that is not who reads the page. */
  readonly reads?: Reader;
  readonly onChange: (value: number) => void;
};

/**
 * A number with its unit, in the reader's. Any unit of its kind is understood ("1/4 in", "1 h 30", "gas 4"); a bare number is in the
 * unit shown.
 * It counts once it is entered or left, never letter by letter. What is not understood or out of limits stays as typed with what
 * would be accepted, and the old value stands; Escape takes it back. Arrow keys step at once.
 */
export function NumberField({
  label,
  unit = '',
  typedIn = unit,
  value,
  min,
  max,
  step = 1,
  width = 'w-16',
  shown = true,
  fixed = false,
  written,
  reads = fixed ? METRIC_READER : readerHere(),
  onChange,
}: NumberFieldProps): ReactNode {
  const id = useId();
  const behind = fieldUnit(reads, unit);
  const { typed, wrong, onTyped, onKey, take, text } = useTyped({
    value,
    min,
    max,
    step,
    as: fieldUnit(reads, typedIn),
    onChange,
  });
  const stands = typed ?? written?.(value) ?? text;
  return (
    <span className="relative inline-flex items-center gap-1.5">
      <label htmlFor={id} className={shown ? 'text-soft' : 'sr-only'}>
        {label}
      </label>
      <span
        className={`inline-flex items-baseline rounded-[10px] border-[1.4px] bg-face px-2 py-0.5 ${wrong ? 'border-stop' : 'border-rim/55 focus-within:border-rim'}`}
      >
        <input
          id={id}
          inputMode="text"
          autoComplete="off"
          style={{ minWidth: `${stands.length + 0.5}ch` }}
          className={`${width} bg-transparent text-right pointer-coarse:min-w-[44px]! font-semibold outline-none`}
          value={stands}
          aria-invalid={wrong !== null}
          aria-describedby={wrong ? `${id}-wrong` : undefined}
          onChange={({ target }) => onTyped(target.value)}
          onFocus={({ target }) => target.select()}
          onBlur={take}
          onKeyDown={onKey}
        />
        {unit && <span className="pl-1 text-[13px] whitespace-nowrap text-soft">{behind.unit}</span>}
      </span>
      <FieldWrong id={`${id}-wrong`}>{wrong}</FieldWrong>
    </span>
  );
}

type Typed = {
  /** The value as it stands in the box. */
  readonly text: string;
  /** As it stands in the box until it counts. */
  readonly typed: string | null;
  /** What would be accepted, once something else was entered; null while one types. */
  readonly wrong: string | null;
  readonly onTyped: (next: string) => void;
  readonly onKey: (event: KeyboardEvent) => void;
  readonly take: () => void;
};

/** What is typed into the box, and what of it is passed on. */
function useTyped({
  value,
  min,
  max,
  step: canonicalStep,
  as,
  onChange,
}: Pick<NumberFieldProps, 'value' | 'min' | 'max' | 'onChange'> & { readonly step: number; readonly as: FieldUnit }): Typed {
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const field = { unit: as.typedIn ?? as.unit, behind: as.unit, min: as.shown(min), max: as.shown(max) };
  const step = as.step ?? canonicalStep;
  const within = (shown: number): number => Math.min(max, Math.max(min, as.canonical(shown)));
  const pass = (next: number): void => {
    setTyped(null);
    setWrong(null);
    if (next !== value) onChange(next);
  };
  const take = (): void => {
    if (typed === null) return;
    const read = typedValue(typed, field);
    if (read.ok) pass(within(read.value));
    else setWrong(read.message);
  };
  const onKey = (event: KeyboardEvent): void => {
    if (event.key === 'Enter') return take();
    if (event.key === 'Escape' && typed !== null) {
      event.stopPropagation();
      setTyped(null);
      return setWrong(null);
    }
    const direction = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
    if (direction === 0) return;
    event.preventDefault();
    // From what stands in the box: the value comes back a little later than keys repeat.
    const read = typed === null ? null : typedValue(typed, field);
    const from = read?.ok ? read.value : as.shown(value);
    const next = Math.round((from + direction * step * (event.shiftKey ? 10 : 1)) / step) * step;
    const stepped = within(next);
    setTyped(as.text(as.shown(stepped)));
    setWrong(null);
    if (stepped !== value) onChange(stepped);
  };
  return {
    text: as.text(as.shown(value)),
    typed,
    wrong,
    onTyped: (next) => {
      setTyped(next);
      setWrong(null);
    },
    onKey,
    take,
  };
}
