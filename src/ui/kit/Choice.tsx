'use client';
import { Field, Label, Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/react';
import { ChevronDown } from 'lucide-react';
import type { ReactNode } from 'react';

type ChoiceProps<T extends string> = {
  readonly label: string;
  readonly value: T;
  readonly options: ReadonlyArray<{ readonly value: T; readonly name: string }>;
  readonly shown?: boolean;
  /** Small and without a frame, for what is rarely changed. */
  readonly quiet?: boolean;
  readonly onChange: (value: T) => void;
};

const FRAMED = 'border-[1.4px] border-rim/55 bg-face px-2 py-0.5 font-semibold hover:border-rim';
const QUIET = 'min-h-[24px] pointer-coarse:min-h-[44px] text-soft hover:text-ink';

/** One of a few things, by name. */
export function Choice<T extends string>({
  label,
  value,
  options,
  shown = true,
  quiet = false,
  onChange,
}: ChoiceProps<T>): ReactNode {
  const chosen = options.find((option) => option.value === value);
  return (
    <Field className="inline-flex items-center gap-1.5">
      <Label className={shown ? 'text-soft' : 'sr-only'}>{label}</Label>
      <Listbox value={value} onChange={onChange}>
        {({ open }) => (
          <>
            <ListboxButton className={`inline-flex items-center gap-1 rounded-[10px] ${quiet ? QUIET : FRAMED}`}>
              {chosen?.name ?? value}
              <ChevronDown aria-hidden size={15} className="text-soft" />
            </ListboxButton>
            {/* A list that nobody opened would still measure its button, in one go with all others as a page wakes. */}
            {open && (
              <ListboxOptions
                anchor="bottom start"
                className="z-30 rounded-xl border-[1.6px] border-rim bg-face p-1 text-[15px] text-ink outline-none [--anchor-gap:4px]"
              >
                {options.map((option) => (
                  <ListboxOption
                    key={option.value}
                    value={option.value}
                    className="cursor-pointer rounded-lg px-3 py-1 data-[focus]:bg-crunch-pale data-[selected]:font-semibold"
                  >
                    {option.name}
                  </ListboxOption>
                ))}
              </ListboxOptions>
            )}
          </>
        )}
      </Listbox>
    </Field>
  );
}
