'use client';
import { Combobox, ComboboxButton, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { ChevronDown } from 'lucide-react';
import { useMemo, useState, type ReactNode } from 'react';

type Found = { readonly value: string; readonly name: string };
type FindFieldProps = {
  readonly label: string;
  readonly value: string;
  readonly options: readonly Found[];
  readonly onChange: (value: string) => void;
};

const SHOWN = 40;

/** One of very many things: found by letters of its name or its code. */
export function FindField({ label, value, options, onChange }: FindFieldProps): ReactNode {
  const [typed, setTyped] = useState('');
  const chosen = options.find((option) => option.value === value) ?? null;
  const found = useMemo(() => matching(typed, options), [typed, options]);
  return (
    <Combobox
      value={chosen}
      onChange={(option: Found | null) => option && onChange(option.value)}
      onClose={() => setTyped('')}
      by="value"
    >
      <span className="inline-flex w-64 max-w-full items-center rounded-[10px] border-[1.4px] border-rim/55 bg-face focus-within:border-rim">
        <ComboboxInput
          aria-label={label}
          placeholder="type to find"
          autoComplete="off"
          displayValue={(option: Found | null) => option?.name ?? ''}
          onChange={({ target }) => setTyped(target.value)}
          onFocus={({ target }) => target.select()}
          className="min-w-0 flex-1 bg-transparent px-2.5 py-1 font-semibold outline-none placeholder:font-normal placeholder:text-soft"
        />
        <ComboboxButton aria-label={`${label}: show the list`} className="px-1.5 text-soft">
          <ChevronDown aria-hidden size={15} />
        </ComboboxButton>
      </span>
      <ComboboxOptions
        modal={false}
        anchor="bottom start"
        className="z-40 max-h-72! w-72 overflow-y-auto rounded-xl border-[1.6px] border-rim bg-face p-1 text-[15px] text-ink [--anchor-gap:4px]"
      >
        {found.length === 0 && <p className="px-3 py-1.5 text-soft">Nothing is called like that.</p>}
        {found.map((option) => (
          <ComboboxOption
            key={option.value}
            value={option}
            className="cursor-pointer rounded-lg px-3 py-1 data-[focus]:bg-crunch-pale data-[selected]:font-semibold"
          >
            {option.name}
          </ComboboxOption>
        ))}
      </ComboboxOptions>
    </Combobox>
  );
}

/** Those whose name has a word that begins like this first, then those that hold it anywhere. */
function matching(typed: string, options: readonly Found[]): readonly Found[] {
  const words = typed.trim().toLowerCase();
  if (words === '') return options.slice(0, SHOWN);
  const rank = ({ value, name }: Found): number => {
    const small = name.toLowerCase();
    if (small.startsWith(words) || value.toLowerCase() === words) return 0;
    return ` ${small.replace(/[/_(-]/g, ' ')}`.includes(` ${words}`) ? 1 : small.includes(words) ? 2 : 3;
  };
  return options
    .map((option) => ({ option, rank: rank(option) }))
    .filter((one) => one.rank < 3)
    .sort((one, other) => one.rank - other.rank)
    .slice(0, SHOWN)
    .map(({ option }) => option);
}
