'use client';
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/react';
import { ChevronDown } from 'lucide-react';
import type { ReactNode } from 'react';
import { type RollAndCut, SHAPES } from '@/core/catalogue';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { CutterFields } from './CutterFields';
import { ShapeNumber, Thickness, TrayFields, type Set } from './ShapeNumber';

const BY = [
  { value: 'hand', name: 'by eye' },
  { value: 'guides', name: 'between guides' },
] as const;
const SCRAPS = [
  { value: 'press', name: 'pressed into pieces' },
  { value: 'round', name: 'one round' },
  { value: 'freeze', name: 'into the freezer' },
] as const;
const MINI = { outline: 'circle', length_mm: 12 } as const;

const FIELDS = SHAPES['roll-and-cut'].fields;

type RolledFieldsProps = { readonly shape: RollAndCut; readonly gap_mm: number; readonly set: Set };

/** What a baker sets most often about rolling and cutting; the rest folds away. */
export function RolledFields({ shape, gap_mm, set }: RolledFieldsProps): ReactNode {
  const { mini } = shape;
  return (
    <Disclosure>
      <Thickness shape={shape} set={set} />
      <Choice
        label="kept"
        shown={false}
        value={shape.thickness_by ?? FIELDS.thickness_by.default}
        options={BY}
        onChange={(by) => set(['shape', 'thickness_by'], by)}
      />
      <CutterFields label="Cutter" at="cutter" shape={shape} usual_mm={50} set={set} />
      <ShapeNumber label="Gap" shape={shape} at={['gap_mm']} usual={gap_mm} set={set} />
      <DisclosureButton className="group ml-auto inline-flex items-center gap-1 font-semibold">
        More
        <span className="sr-only">: board, tray and scraps</span>
        <ChevronDown aria-hidden size={15} className="group-data-[open]:rotate-180" />
      </DisclosureButton>
      {mini && (
        <span className="flex basis-full flex-wrap items-center gap-x-4 gap-y-2">
          <CutterFields label="Mini cutter" at="mini" shape={shape} usual_mm={20} set={set} />
        </span>
      )}
      <DisclosurePanel className="flex basis-full flex-wrap items-center gap-x-4 gap-y-2">
        <SheetFields shape={shape} set={set} />
      </DisclosurePanel>
    </Disclosure>
  );
}

function SheetFields({ shape, set }: Omit<RolledFieldsProps, 'gap_mm'>): ReactNode {
  const { mini, roll_width_mm } = shape;
  return (
    <>
      <ShapeNumber label="Board" shape={shape} at={['sheet_width_mm']} set={set} />
      <ShapeNumber label="by" shape={shape} at={['sheet_length_mm']} set={set} />
      <ShapeNumber label="Ragged edge" shape={shape} at={['edge_mm']} set={set} />
      {roll_width_mm !== undefined && (
        <span className="inline-flex items-center gap-1.5">
          <ShapeNumber label="Rolled" shape={shape} at={['roll_width_mm']} unit="mm wide" set={set} />
          <Button look="small" onClick={() => set(['shape', 'roll_width_mm'], undefined)}>
            As the pin likes
          </Button>
        </span>
      )}
      <TrayFields shape={shape} set={set} />
      <ShapeNumber label="Re-rolls, at most" shape={shape} at={['rerolls_max']} set={set} />
      <Choice
        label="Last scraps"
        value={shape.scraps ?? FIELDS.scraps.default}
        options={SCRAPS}
        onChange={(use) => set(['shape', 'scraps'], use)}
      />
      <label className="inline-flex cursor-pointer items-center gap-1.5">
        <input
          type="checkbox"
          className="accent-heat"
          checked={mini !== undefined}
          onChange={({ target }) => set(['shape', 'mini'], target.checked ? MINI : undefined)}
        />
        Minis from the scraps
      </label>
    </>
  );
}
