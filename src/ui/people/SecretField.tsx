'use client';
import { Eye, EyeOff } from 'lucide-react';
import { useId, useState, type ReactNode } from 'react';

type SecretFieldProps = {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  /** What a keeper of passphrases is told. */
  readonly kind: 'current-password' | 'new-password';
  readonly says?: string;
};

/** A passphrase: hidden, may be shown, may be pasted and filled in by what keeps passphrases. */
export function SecretField({ label, value, onChange, kind, says }: SecretFieldProps): ReactNode {
  const id = useId();
  const [shown, setShown] = useState(false);
  return (
    <div className="flex flex-col gap-1">
      <label htmlFor={id} className="font-semibold">
        {label}
      </label>
      <span className="flex items-center gap-2">
        <input
          id={id}
          type={shown ? 'text' : 'password'}
          autoComplete={kind}
          autoCapitalize="off"
          spellCheck={false}
          maxLength={1000}
          value={value}
          aria-describedby={says ? `${id}-says` : undefined}
          onChange={({ target }) => onChange(target.value)}
          className="min-w-0 flex-1 rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2.5 py-1.5 focus:border-rim"
        />
        <button
          type="button"
          aria-pressed={shown}
          aria-label={`Show ${label.toLowerCase()}`}
          className="grid size-10 place-items-center rounded-full hover:bg-enamel"
          onClick={() => setShown(!shown)}
        >
          {shown ? <EyeOff aria-hidden size={18} /> : <Eye aria-hidden size={18} />}
        </button>
      </span>
      {says && (
        <span id={`${id}-says`} className="text-[13.5px] text-soft">
          {says}
        </span>
      )}
    </div>
  );
}
