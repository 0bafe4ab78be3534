'use client';
import { useId, useState, type KeyboardEvent, type ReactNode } from 'react';

type NumberFieldProps = {
  readonly label: string;
  readonly unit?: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly step?: number;
  readonly width?: string;
  /** Show the label beside the box; otherwise it is only read out. */
  readonly shown?: boolean;
  readonly onChange: (value: number) => void;
};

const text = (value: number): string => String(Math.round(value * 1000) / 1000);

/**
 * A number with its unit. What is typed is kept as typed; only a number within the limits is passed on,
 * and anything else says what would be accepted. Arrow keys step.
 */
export function NumberField({
  label,
  unit = '',
  value,
  min,
  max,
  step = 1,
  width = 'w-16',
  shown = true,
  onChange,
}: NumberFieldProps): ReactNode {
  const id = useId();
  const { typed, wrong, take, stepBy, leave } = useTyped({ value, min, max, step, onChange });
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
          inputMode="decimal"
          className={`${width} bg-transparent text-right font-semibold outline-none`}
          value={typed ?? text(value)}
          aria-invalid={wrong}
          aria-describedby={wrong ? `${id}-wrong` : undefined}
          onChange={({ target }) => take(target.value)}
          onBlur={leave}
          onKeyDown={stepBy}
        />
        {unit && <span className="pl-1 text-[13px] text-soft">{unit}</span>}
      </span>
      {wrong && (
        <span
          id={`${id}-wrong`}
          role="alert"
          className="absolute top-full left-0 z-20 mt-1 rounded-lg border border-stop bg-face px-2 py-0.5 text-[13px] whitespace-nowrap text-stop"
        >
          between {text(min)} and {text(max)} {unit}
        </span>
      )}
    </span>
  );
}

type Typed = {
  /** As it stands in the box while it is being typed. */
  readonly typed: string | null;
  readonly wrong: boolean;
  readonly take: (next: string) => void;
  readonly stepBy: (key: KeyboardEvent) => void;
  readonly leave: () => void;
};

/** What is typed into the box, and what of it is passed on. */
function useTyped({
  value,
  min,
  max,
  step,
  onChange,
}: Pick<NumberFieldProps, 'value' | 'min' | 'max' | 'onChange'> & { readonly step: number }): Typed {
  const [typed, setTyped] = useState<string | null>(null);
  const number = Number((typed ?? '').trim().replace(',', '.'));
  const wrong = typed !== null && (typed.trim() === '' || !Number.isFinite(number) || number < min || number > max);

  const take = (next: string): void => {
    setTyped(next);
    const parsed = Number(next.trim().replace(',', '.'));
    if (next.trim() !== '' && Number.isFinite(parsed) && parsed >= min && parsed <= max && parsed !== value) onChange(parsed);
  };
  const stepBy = (event: KeyboardEvent): void => {
    const direction = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
    if (direction === 0) return;
    event.preventDefault();
    // From what stands in the box: the value comes back a little later than keys repeat.
    const from = typed === null || wrong ? value : number;
    const next = Math.round((from + direction * step * (event.shiftKey ? 10 : 1)) / step) * step;
    take(text(Math.min(max, Math.max(min, next))));
  };

  return { typed, wrong, take, stepBy, leave: () => setTyped(null) };
}
