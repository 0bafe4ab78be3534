'use client';
import type { ReactNode } from 'react';
import { clockOf, minuteOf } from './day-words';

type ClockFieldProps = {
  readonly label: string;
  readonly value: number;
  readonly shown?: boolean;
  readonly onChange: (minute: number) => void;
};

/** A time of day. */
export function ClockField({ label, value, shown = true, onChange }: ClockFieldProps): ReactNode {
  return (
    <label className="inline-flex items-center gap-1.5 text-[14.5px]">
      <span className={shown ? 'text-soft' : 'sr-only'}>{label}</span>
      <input
        type="time"
        step={300}
        value={clockOf(value)}
        className="rounded-[10px] border-[1.4px] border-rim/55 bg-face px-1.5 py-0.5 font-semibold"
        onChange={({ target }) => {
          const minute = minuteOf(target.value);
          if (minute !== null) onChange(minute);
        }}
      />
    </label>
  );
}
