'use client';
import { useId, useState, type ReactNode } from 'react';
import { clockTyped } from '@/core/said';
import { clock } from '../format/units';
import { FieldWrong } from '../kit/FieldWrong';

type ClockFieldProps = {
  readonly label: string;
  /** Minutes after midnight. */
  readonly value: number;
  readonly shown?: boolean;
  readonly onChange: (minute: number) => void;
};

const STEP_MIN = 5;

/** A time of day on the reader's clock; it counts once it is entered or left, and arrow keys step by five minutes. */
export function ClockField({ label, value, shown = true, onChange }: ClockFieldProps): ReactNode {
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const put = (next: string | null): void => {
    setTyped(next);
    setWrong(null);
  };
  const take = (): void => {
    if (typed === null) return;
    const minute = clockTyped(typed);
    if (minute === null) return setWrong(`a time of day, such as ${clock(value)}`);
    put(null);
    if (minute !== value) onChange(minute);
  };
  return (
    <span className="relative inline-flex items-center gap-1.5 text-[14.5px]">
      <label htmlFor={id} className={shown ? 'text-soft' : 'sr-only'}>
        {label}
      </label>
      <input
        id={id}
        inputMode="text"
        autoComplete="off"
        aria-invalid={wrong !== null}
        aria-describedby={wrong ? `${id}-wrong` : undefined}
        value={typed ?? clock(value)}
        className="w-[4.6em] min-w-fit [field-sizing:content] rounded-[10px] border-[1.4px] border-rim/55 bg-face px-1.5 py-0.5 text-center font-semibold"
        onChange={({ target }) => put(target.value)}
        onFocus={({ target }) => target.select()}
        onBlur={take}
        onKeyDown={(event) => {
          if (event.key === 'Enter') return take();
          if (event.key === 'Escape') return put(null);
          const by = event.key === 'ArrowUp' ? STEP_MIN : event.key === 'ArrowDown' ? -STEP_MIN : 0;
          if (by === 0) return;
          event.preventDefault();
          put(null);
          onChange((value + by + 24 * 60) % (24 * 60));
        }}
      />
      <FieldWrong id={`${id}-wrong`}>{wrong}</FieldWrong>
    </span>
  );
}
