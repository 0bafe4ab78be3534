'use client';
import type { Identity } from '@/contract/kitchens';
import type { Version } from '@/contract/version';
import { useState, type ReactNode } from 'react';
import { Panel } from '../kit/Panel';
import { TextField } from '../kit/TextField';
import { SavingNote } from '../kit/autosave/SavingNote';
import { useAutosaved } from '../kit/autosave/use-autosaved';
import { Setting } from './Setting';

const BOX = 'rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2.5 py-1 font-semibold text-ink';

type IdentityPanelProps = { readonly kitchenId: string; readonly saved: Version<Identity>; readonly onSaved: () => void };

/** What the kitchen is called, and what stands below that on its labels. */
export function IdentityPanel({ kitchenId, saved, onSaved }: IdentityPanelProps): ReactNode {
  const { document, change, saving } = useAutosaved(
    { key: `settings:${kitchenId}:identity`, route: '/api/settings/identity', first: saved },
    onSaved,
  );
  return (
    <Panel label="On your labels" className="px-5 py-3">
      <h2 className="text-[19px]">On your labels</h2>
      <SavingNote saving={saving} what="the name and the address" />
      <Setting name="Name" says="the maker; its first letter begins every lot">
        <TextField
          needed
          label="Name of the kitchen"
          look="box"
          className="w-80 max-w-full"
          value={document.name}
          onChange={(name) => change({ name })}
        />
      </Setting>
      <Setting name="Address" says="up to five lines, below the name">
        <AddressField value={document.address} onChange={(address) => change({ address })} />
      </Setting>
    </Panel>
  );
}

/** Counts once it is left. */
function AddressField({ value, onChange }: { readonly value: string; readonly onChange: (value: string) => void }): ReactNode {
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <textarea
      aria-label="Address"
      rows={3}
      maxLength={400}
      placeholder="street, town, and how to reach you"
      className={`${BOX} w-80 max-w-full resize-y placeholder:font-normal placeholder:text-soft`}
      value={typed ?? value}
      onChange={({ target }) => setTyped(target.value)}
      onBlur={() => {
        const next = (typed ?? value).trim();
        setTyped(null);
        if (next !== value) onChange(next);
      }}
    />
  );
}
