'use client';
import type { Costs } from '@/contract/kit';
import { Plus, X } from 'lucide-react';
import { useState, type ReactNode } from 'react';

import type { PackOption } from '@/core/keeping';
import { money } from '../format/units';
import { PACK_NAMES } from '../format/words';
import { Button } from '../kit/Button';
import { NumberField } from '../kit/NumberField';
import { OptionalNumber } from '../kit/OptionalNumber';
import { Panel } from '../kit/Panel';

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
      <Equipment costs={costs} currency={currency} onKeep={onKeep} />
    </Panel>
  );
}

/** What wears out, and over how many batches. */
function Equipment({ costs, currency, onKeep }: CostsPanelProps): ReactNode {
  const equipment = costs.equipment ?? [];
  const [name, setName] = useState('');
  const change = (at: number, next: Partial<(typeof equipment)[number]>): void =>
    onKeep({ ...costs, equipment: equipment.map((one, i) => (i === at ? { ...one, ...next } : one)) });
  return (
    <ul className="flex flex-col gap-1" aria-label="What wears out">
      {equipment.map((one, i) => (
        <li key={i} className="flex flex-wrap items-center gap-x-3">
          <strong className="w-52">{one.name}</strong>
          <NumberField
            label={`Price of ${one.name}`}
            shown={false}
            unit={currency}
            value={one.price}
            min={0}
            max={100000}
            width="w-14"
            onChange={(price) => change(i, { price })}
          />
          <NumberField
            label="lasts for"
            unit="batches"
            value={one.batches}
            min={1}
            max={100000}
            onChange={(batches) => change(i, { batches })}
          />
          <span className="text-soft">{money(one.price / one.batches, currency)} a batch</span>
          <button
            type="button"
            aria-label={`Take out ${one.name}`}
            className="rounded-full p-1 text-soft hover:text-stop"
            onClick={() => onKeep({ ...costs, equipment: equipment.filter((_, j) => j !== i) })}
          >
            <X aria-hidden size={15} />
          </button>
        </li>
      ))}
      <li>
        <form
          className="flex items-center gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            if (name.trim() === '') return;
            onKeep({ ...costs, equipment: [...equipment, { name: name.trim(), price: 50, batches: 200 }] });
            setName('');
          }}
        >
          <input
            aria-label="Something that wears out"
            value={name}
            maxLength={80}
            placeholder="something that wears out"
            className="rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2 py-0.5 placeholder:text-soft"
            onChange={({ target }) => setName(target.value)}
          />
          <Button look="small" type="submit">
            <Plus aria-hidden size={14} /> Add
          </Button>
        </form>
      </li>
    </ul>
  );
}
