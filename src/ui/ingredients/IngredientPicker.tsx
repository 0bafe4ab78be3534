'use client';
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { useMemo, useState, type ReactNode } from 'react';
import { searchPantry, type Ingredient, type Pantry } from '@/core/pantry';
import { CautionShape } from '../kit/CautionMark';

type IngredientPickerProps = {
  readonly label: string;
  readonly pantry: Pantry;
  readonly placeholder?: string;
  readonly first?: string;
  readonly onPick: (row: Ingredient) => void;
};

const SHOWN = 12;

/** Finds an ingredient while one types; what is not for dogs says so before it is picked. */
export function IngredientPicker({
  label,
  pantry,
  placeholder = 'Find an ingredient',
  first = '',
  onPick,
}: IngredientPickerProps): ReactNode {
  const [typed, setTyped] = useState(first);
  const rows = useMemo(() => searchPantry(typed, pantry).slice(0, SHOWN), [typed, pantry]);
  return (
    <Combobox
      value={null}
      onChange={(row: Ingredient | null) => {
        if (!row) return;
        setTyped('');
        onPick(row);
      }}
      immediate
    >
      <ComboboxInput
        aria-label={label}
        placeholder={placeholder}
        autoComplete="off"
        displayValue={() => typed}
        onChange={({ target }) => setTyped(target.value)}
        className="w-64 rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2.5 py-1 focus:border-rim"
      />
      <ComboboxOptions
        anchor="bottom start"
        className="z-40 max-h-80 w-80 overflow-y-auto rounded-xl border-[1.6px] border-rim bg-face p-1 text-[15px] text-ink [--anchor-gap:4px]"
      >
        {rows.length === 0 && <p className="px-3 py-1.5 text-soft">Not in the pantry. Add it there from its packet.</p>}
        {rows.map((row) => (
          <ComboboxOption
            key={row.id}
            value={row}
            className="flex cursor-pointer items-center gap-2 rounded-lg px-3 py-1 data-[focus]:bg-crunch-pale"
          >
            <span className="min-w-0 flex-1">{row.name}</span>
            {row.dogFlag !== 'ok' && (
              <>
                <CautionShape severity={row.dogFlag === 'avoid' ? 'stop' : 'mind'} />
                <span className="sr-only">{row.dogFlag === 'avoid' ? 'not for dogs' : 'mind'}</span>
              </>
            )}
            <span className="text-[13px] text-soft">{row.water.toFixed(0)} % water</span>
          </ComboboxOption>
        ))}
      </ComboboxOptions>
    </Combobox>
  );
}
