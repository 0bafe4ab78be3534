'use client';
import type { PantryItem } from '@/contract/pantry';
import { memo, type ReactNode } from 'react';
import { Tick } from '../bin/Tick';
import { day, mass, massRange, moneyPerMass } from '../format/units';
import { CautionShape } from '../kit/CautionMark';
import type { useChosen } from '../kit/use-chosen';
import { useGrowing } from '../kit/use-growing';
import { firstToGo, inHouse_g } from './pantry-data';

/** Ingredients that come with the page as it is served, as many as a screen shows; and how many follow at a time. */
const AT_ONCE = 40;
const MORE = 120;
/** So many stand together, and are laid out once they come near the window: a browser lays a table's rows out all at once. */
const TOGETHER = 20;

/** One width for each column: rows that are not laid out yet do not know those of the others. */
const COLUMNS =
  'sm:grid sm:grid-cols-[minmax(0,1fr)_4rem_6.5rem_8.25rem_8.25rem] lg:grid-cols-[minmax(0,1fr)_repeat(4,4rem)_6.5rem_8.25rem_8.25rem]';

type Chosen = ReturnType<typeof useChosen>;

type PantryRowProps = {
  readonly item: PantryItem;
  readonly currency: string;
  readonly today: string;
  readonly isOpen: boolean;
  readonly setOpen: (id: string) => void;
  /** Of an own one: the others are everybody's. */
  readonly ticked: Chosen | undefined;
};

const cup_ml = 250;

const PantryRow = memo(function PantryRow({ item, currency, today, isOpen, setOpen, ticked }: PantryRowProps): ReactNode {
  const { row, price } = item;
  const first = firstToGo(item);
  const past = Boolean(first?.best_before && first.best_before < today);
  const light = Math.round(row.bulkSpooned_g_per_ml * cup_ml);
  const hard = Math.round(row.bulkPacked_g_per_ml * cup_ml);
  return (
    <tr className={`border-t border-hair sm:items-center ${COLUMNS} ${isOpen ? 'bg-crunch-pale' : ''}`}>
      <th scope="row" className="whole w-full py-1 pl-4 text-left font-semibold">
        <span className="flex items-center gap-2">
          {ticked && <Tick name={row.name} checked={ticked.chosen.includes(row.id)} onChange={() => ticked.toggle(row.id)} />}
          <button
            type="button"
            onClick={() => setOpen(row.id)}
            aria-pressed={isOpen}
            className="inline-flex min-h-[24px] min-w-[44px] pointer-coarse:min-h-[44px] items-center gap-1.5 text-left hover:underline"
          >
            {row.dogFlag !== 'ok' && <CautionShape severity={row.dogFlag === 'avoid' ? 'stop' : 'mind'} />}
            <span>{row.name}</span>
            {row.own && <span className="text-[13px] font-normal text-soft">yours</span>}
          </button>
        </span>
      </th>
      {[row.water, row.protein, row.fat, row.carb].map((value, i) => (
        <td
          key={i}
          data-head={i === 0 ? 'water' : undefined}
          className={`px-2 text-right whitespace-nowrap ${i > 0 ? 'max-lg:hidden!' : ''}`}
        >
          {value.toFixed(0)} %
        </td>
      ))}
      <td data-head="a cup" className="px-2 text-right whitespace-nowrap">
        {massRange(light, hard)}
      </td>
      <td className="px-2 text-right whitespace-nowrap">
        {price ? moneyPerMass((100 * price.price) / price.pack_g, currency) : <span className="text-soft">–</span>}
      </td>
      <td data-head={item.lots.length > 0 ? 'in the house' : undefined} className="px-2 pr-4 text-right">
        {item.lots.length > 0 && (
          <>
            <strong>{mass(inHouse_g(item))}</strong>
            {first?.best_before && (
              <span className={`block text-[13px] ${past ? 'text-stop' : 'text-soft'}`}>
                {past ? 'past ' : 'to '}
                {day(first.best_before)}
              </span>
            )}
          </>
        )}
      </td>
    </tr>
  );
});

type PantryTableProps = {
  readonly listed: readonly PantryItem[];
  readonly currency: string;
  readonly today: string;
  readonly open: string | null;
  readonly setOpen: (id: string) => void;
  readonly ticked: Chosen;
};

/** The list of ingredients, each with what a baker compares it by. */
export function PantryTable({ listed, currency, today, open, setOpen, ticked }: PantryTableProps): ReactNode {
  const shown = useGrowing(AT_ONCE, MORE, listed.length);
  return (
    <table className="stacked w-full border-collapse text-[14.5px] max-sm:px-3 sm:block">
      <thead className="sticky top-0 z-10 bg-face text-left text-[13.5px] text-soft sm:block">
        <tr className={COLUMNS}>
          {['Ingredient', 'Water', 'Protein', 'Fat', 'Carb.', 'Cup fills', 'Price', 'In the house'].map((head, i) => (
            <th
              key={head}
              className={`px-2 py-1.5 font-normal whitespace-nowrap ${i === 0 ? 'pl-4' : 'text-right'} ${i === 7 ? 'pr-4' : ''} ${i >= 2 && i <= 4 ? 'max-lg:hidden' : ''}`}
            >
              {head}
            </th>
          ))}
        </tr>
      </thead>
      {sliced(listed.slice(0, shown)).map((group) => (
        <tbody
          key={group[0].row.id}
          className="[contain-intrinsic-size:auto_100rem] [content-visibility:auto] sm:block sm:[contain-intrinsic-size:auto_43rem]"
        >
          {group.map((one) => (
            <PantryRow
              key={one.row.id}
              item={one}
              currency={currency}
              today={today}
              isOpen={one.row.id === open}
              setOpen={setOpen}
              ticked={one.row.own === true ? ticked : undefined}
            />
          ))}
        </tbody>
      ))}
    </table>
  );
}

const sliced = (items: readonly PantryItem[]): ReadonlyArray<readonly PantryItem[]> =>
  Array.from({ length: Math.ceil(items.length / TOGETHER) }, (_, i) => items.slice(TOGETHER * i, TOGETHER * (i + 1)));
