'use client';
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/react';
import { ChevronDown } from 'lucide-react';
import type { ReactNode } from 'react';
import type { RollAndCut } from '@/core/catalogue';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { CutterFields } from './CutterFields';
import { Mm, Thickness, TrayFields, type Set } from './Mm';

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

type RolledFieldsProps = { readonly shape: RollAndCut; readonly gap_mm: number; readonly set: Set };

/** What a baker sets most often about rolling and cutting; the rest folds away. */
export function RolledFields({ shape, gap_mm, set }: RolledFieldsProps): ReactNode {
  const { cutter = {}, mini } = shape;
  return (
    <Disclosure>
      <Thickness value={shape.thickness_mm ?? 6} set={set} />
      <Choice
        label="kept"
        shown={false}
        value={shape.thickness_by ?? 'hand'}
        options={BY}
        onChange={(by) => set(['shape', 'thickness_by'], by)}
      />
      <CutterFields label="Cutter" at="cutter" cutter={cutter} usual_mm={50} set={set} />
      <Mm label="Gap" value={gap_mm} limits={[0, 50]} step={0.5} at={['gap_mm']} set={set} />
      <DisclosureButton className="group ml-auto inline-flex items-center gap-1 font-semibold">
        More
        <span className="sr-only">: board, tray and scraps</span>
        <ChevronDown aria-hidden size={15} className="group-data-[open]:rotate-180" />
      </DisclosureButton>
      {mini && (
        <span className="flex basis-full flex-wrap items-center gap-x-4 gap-y-2">
          <CutterFields label="Mini cutter" at="mini" cutter={mini} usual_mm={20} set={set} />
        </span>
      )}
      <DisclosurePanel className="flex basis-full flex-wrap items-center gap-x-4 gap-y-2">
        <SheetFields shape={shape} set={set} />
      </DisclosurePanel>
    </Disclosure>
  );
}

function SheetFields({ shape, set }: Omit<RolledFieldsProps, 'gap_mm'>): ReactNode {
  const { mini, sheet_width_mm = 380, sheet_length_mm = 520, roll_width_mm } = shape;
  return (
    <>
      <Mm label="Board" value={sheet_width_mm} limits={[60, 1500]} step={10} at={['sheet_width_mm']} set={set} />
      <Mm label="by" value={sheet_length_mm} limits={[60, 2500]} step={10} at={['sheet_length_mm']} set={set} />
      <Mm label="Ragged edge" value={shape.edge_mm ?? 8} limits={[0, 60]} at={['edge_mm']} set={set} />
      {roll_width_mm !== undefined && (
        <span className="inline-flex items-center gap-1.5">
          <Mm label="Rolled" value={roll_width_mm} limits={[60, 1500]} step={2} unit="mm wide" at={['roll_width_mm']} set={set} />
          <Button look="small" onClick={() => set(['shape', 'roll_width_mm'], undefined)}>
            As the pin likes
          </Button>
        </span>
      )}
      <TrayFields tray={shape.tray} apart={shape.tray_gap_mm ?? 5} set={set} />
      <Mm
        label="Re-rolls, at most"
        value={shape.rerolls_max ?? 4}
        limits={[0, 6]}
        unit=""
        width="w-4"
        at={['rerolls_max']}
        set={set}
      />
      <Choice
        label="Last scraps"
        value={shape.scraps ?? 'press'}
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
