import type { ReactNode } from 'react';
import type { Places } from '@/core/calls';
import { NumberField } from '../kit/NumberField';
import { Panel } from '../kit/Panel';

const LINES: ReadonlyArray<readonly [key: keyof Places, name: string, unit: string]> = [
  ['trays', 'baking trays', 'trays'],
  ['fridge', 'fridge holds', 'trays'],
  ['freezer', 'freezer holds', 'trays'],
];
const MOST = 200;

type PlacesPanelProps = { readonly places: Places; readonly onKeep: (places: Places) => void };

/** What a bake day has only so much of besides machines and hands. */
export function PlacesPanel({ places, onKeep }: PlacesPanelProps): ReactNode {
  return (
    <Panel label="Trays and places" className="flex flex-wrap items-baseline gap-x-5 gap-y-2 px-5 py-3 text-[14.5px]">
      <h2 className="text-[18px]">Trays and places</h2>
      {LINES.map(([key, name, unit]) => (
        <NumberField
          key={key}
          label={name}
          unit={unit}
          value={places[key]}
          min={1}
          max={MOST}
          onChange={(value) => onKeep({ ...places, [key]: Math.round(value) })}
        />
      ))}
      <p className="text-soft">a bake day waits for them</p>
    </Panel>
  );
}
