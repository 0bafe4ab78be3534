'use client';
import type { Costs } from '@/contract/kit';
import type { ReactNode } from 'react';
import type { PackOption } from '@/core/keeping';
import { PACK_NAMES } from '../format/words';
import { OptionalNumber } from '../kit/OptionalNumber';
import { Panel } from '../kit/Panel';
import { Equipment } from './Equipment';
import { HousePacks } from './HousePacks';

type Money = 'wage_per_hour' | 'label_price' | 'overhead_per_batch';
const LINES: ReadonlyArray<readonly [key: Money, name: string, unit: string]> = [
  ['wage_per_hour', 'an hour of work', 'an hour'],
  ['label_price', 'a label', 'each'],
  ['overhead_per_batch', 'everything else, spread over batches', 'a batch'],
];

type CostsPanelProps = { readonly costs: Costs; readonly currency: string; readonly onKeep: (costs: Costs) => void };

/** What work, packs and wear cost this kitchen; what is left empty stays out of the sums, which then say so. */
export function CostsPanel({ costs, currency, onKeep }: CostsPanelProps): ReactNode {
  const set = (key: Money, value: number | null): void => {
    const { [key]: _old, ...rest } = costs;
    onKeep(value === null ? rest : { ...rest, [key]: value });
  };
  const pack = (option: PackOption, value: number | null): void => {
    const { [option]: _old, ...others } = costs.pack_prices ?? {};
    onKeep({ ...costs, pack_prices: value === null ? others : { ...others, [option]: value } });
  };
  return (
    <Panel label="What work and packs cost" className="flex flex-col gap-2 px-5 py-3 text-[14.5px]">
      <h2 className="text-[18px]">What work and packs cost</h2>
      <div className="flex flex-wrap gap-x-5 gap-y-2">
        {LINES.map(([key, name, unit]) => (
          <span key={key} className="inline-flex items-center gap-2">
            <span className="text-soft">{name}</span>
            <OptionalNumber
              label={`Price of ${name}`}
              unit={`${currency} ${unit}`}
              value={costs[key] ?? null}
              placeholder="?"
              max={100000}
              onChange={(value) => set(key, value)}
            />
          </span>
        ))}
      </div>
      <div className="flex flex-wrap gap-x-5 gap-y-2">
        {(Object.keys(PACK_NAMES) as PackOption[]).map((option) => (
          <span key={option} className="inline-flex items-center gap-2">
            <span className="text-soft">{PACK_NAMES[option].toLowerCase()}</span>
            <OptionalNumber
              label={`Price of one ${PACK_NAMES[option].toLowerCase()}`}
              unit={currency}
              value={costs.pack_prices?.[option] ?? null}
              placeholder="?"
              max={100000}
              onChange={(value) => pack(option, value)}
            />
          </span>
        ))}
      </div>
      <HousePacks packs={costs.packs_in_house ?? []} onKeep={(packs_in_house) => onKeep({ ...costs, packs_in_house })} />
      <Equipment equipment={costs.equipment ?? []} currency={currency} onKeep={(equipment) => onKeep({ ...costs, equipment })} />
    </Panel>
  );
}
