import { X } from 'lucide-react';
import type { ReactNode } from 'react';
import { PACK } from '@/core/catalogue';
import { packOf, type PackOption } from '@/core/keeping';
import type { HousePack } from '@/core/outcomes';
import { PACK_NAMES } from '../format/words';
import { Choice } from '../kit/Choice';
import { NumberField } from '../kit/NumberField';
import { limits } from '../kit/limits';

const { volume_ml: VOLUME } = PACK.fields;
const OPTIONS = (Object.keys(PACK_NAMES) as PackOption[]).filter((option) => !packOf(option).open);

type HousePacksProps = { readonly packs: readonly HousePack[]; readonly onKeep: (packs: readonly HousePack[]) => void };

/** Jars, tins and bags that are in the house, size by size: new packs take these sizes, and a batch says when there are too few. */
export function HousePacks({ packs, onKeep }: HousePacksProps): ReactNode {
  const change = (at: number, next: HousePack): void => onKeep(packs.map((old, i) => (i === at ? next : old)));
  return (
    <div className="flex flex-col gap-1.5">
      <h3 className="text-[15px]">Packs in the house</h3>
      <ul className="flex flex-col gap-1" aria-label="Packs in the house">
        {packs.map((one, i) => {
          const name = `${PACK_NAMES[one.option]} ${i + 1}`;
          return (
            <li key={i} className="flex flex-wrap items-center gap-x-3 gap-y-1">
              <strong className="w-52">{PACK_NAMES[one.option]}</strong>
              <NumberField
                label={`What ${name} holds`}
                shown={false}
                unit="ml"
                value={one.volume_ml}
                {...limits(VOLUME)}
                width="w-12"
                onChange={(volume_ml) => change(i, { ...one, volume_ml })}
              />
              <NumberField
                label={`How many of ${name}`}
                shown={false}
                unit="of them"
                value={one.count}
                min={0}
                max={100000}
                width="w-10"
                onChange={(count) => change(i, { ...one, count: Math.round(count) })}
              />
              <button
                type="button"
                aria-label={`Take out ${name}`}
                className="rounded-full p-1 text-soft hover:text-stop"
                onClick={() => onKeep(packs.filter((_, at) => at !== i))}
              >
                <X aria-hidden size={15} />
              </button>
            </li>
          );
        })}
      </ul>
      <Choice
        label="Count in a kind of pack"
        shown={false}
        value=""
        options={[{ value: '', name: '+ a kind of pack' }, ...OPTIONS.map((value) => ({ value, name: PACK_NAMES[value] }))]}
        onChange={(option) => option !== '' && onKeep([...packs, { option, volume_ml: packOf(option).volume_ml, count: 10 }])}
      />
    </div>
  );
}
