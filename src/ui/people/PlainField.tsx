import { useId, type ReactNode } from 'react';

type PlainFieldProps = {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly complete: 'username' | 'one-time-code' | 'off';
  readonly className?: string;
};

/** A line of a form that is sent as a whole: told at every letter, so that Enter sends what is seen. */
export function PlainField({ label, value, onChange, complete, className = '' }: PlainFieldProps): ReactNode {
  const id = useId();
  return (
    <div className="flex flex-col gap-1">
      <label htmlFor={id} className="font-semibold">
        {label}
      </label>
      <input
        id={id}
        autoComplete={complete}
        autoCapitalize="off"
        spellCheck={false}
        maxLength={60}
        value={value}
        onChange={({ target }) => onChange(target.value)}
        className={`min-w-0 rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2.5 py-1.5 focus:border-rim ${className}`}
      />
    </div>
  );
}
