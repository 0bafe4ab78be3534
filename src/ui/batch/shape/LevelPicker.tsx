'use client';
import { Radio, RadioGroup } from '@headlessui/react';
import { useSyncExternalStore, type ReactNode } from 'react';
import type { LayoutLevel } from '@/core/shaping';
import { Button } from '../../kit/Button';
import { ProgressBar } from '../../kit/ProgressBar';
import type { SearchProgress } from '../batch-store';

const LEVELS: ReadonlyArray<{ readonly value: LayoutLevel; readonly name: string; readonly says: string }> = [
  { value: 'hand', name: 'As your hand does it', says: 'straight rows, the cutter as it lies or sideways' },
  { value: 'tighter', name: 'Tighter', says: 'the cutter turned, every second one the other way round' },
  { value: 'tightest', name: 'Tightest, paper template', says: 'searched; print the sheet and cut along it' },
];

type LevelPickerProps = {
  readonly level: LayoutLevel;
  readonly search: SearchProgress;
  readonly provisional: boolean;
  readonly onLevel: (level: LayoutLevel) => void;
};

/** How hard the layout of the first roll is tried, and how far a search is. */
export function LevelPicker({ level, search, provisional, onLevel }: LevelPickerProps): ReactNode {
  return (
    <div className="flex flex-wrap items-center gap-2">
      <RadioGroup value={level} onChange={onLevel} aria-label="How tightly to cut" className="flex flex-wrap gap-1.5">
        {LEVELS.map(({ value, name, says }) => (
          <Radio
            key={value}
            value={value}
            title={says}
            className="cursor-pointer rounded-full border-[1.4px] border-hair bg-enamel px-3 py-0.5 text-[14px] font-semibold data-[checked]:border-[1.6px] data-[checked]:border-rim data-[checked]:bg-face data-[focus]:outline-2"
          >
            {name}
          </Radio>
        ))}
      </RadioGroup>
      {provisional && <Searching search={search} onStop={() => onLevel('hand')} />}
    </div>
  );
}

function Searching({ search, onStop }: { readonly search: SearchProgress; readonly onStop: () => void }): ReactNode {
  const searched = useSyncExternalStore(search.subscribe, search.getSnapshot, search.getSnapshot) ?? 0;
  const percent = Math.round(100 * searched);
  return (
    <span role="status" className="inline-flex items-center gap-2 text-[13.5px] text-soft">
      <ProgressBar label="Search for a tighter layout" percent={percent} hue="dough" />
      searching, {percent} %
      <Button look="small" onClick={onStop}>
        Stop
      </Button>
    </span>
  );
}
