'use client';
import { unpacked, type Packed } from '@/contract/packed';
import type { LotView, PantryItem } from '@/contract/pantry';
import { Search } from 'lucide-react';
import { Link } from '../kit/Link';
import { useMemo, useState, type ReactNode } from 'react';
import { searchPantry, type Ingredient, type Pantry } from '@/core/pantry';
import { day, mass, massRange, moneyPerMass } from '../format/units';
import { DeleteChosen } from '../bin/DeleteChosen';
import { Tick } from '../bin/Tick';
import { useChosen } from '../kit/use-chosen';
import { Button, buttonClass } from '../kit/Button';
import { CautionShape } from '../kit/CautionMark';
import { Choice } from '../kit/Choice';
import { Needs } from '../kit/Needs';
import { Panel } from '../kit/Panel';
import { useIsThere } from '../kit/use-is-there';
import { IngredientSheet } from './IngredientSheet';
import { OwnIngredientForm } from './OwnIngredientForm';
import { firstToGo, inHouse_g, itemsOf } from './pantry-data';

/** Ingredients that come with the page as it is served: as many as a screen shows. The others follow at once. */
const FIRST = 60;

type PantryPageProps = {
  readonly currency: string;
  readonly rows: Packed<Ingredient>;
  readonly prices: ReadonlyArray<readonly [ingredient: string, price: NonNullable<PantryItem['price']>]>;
  readonly lots: readonly LotView[];
  readonly today: string;
  /** Name of an ingredient that is to be added, and where to go on after it; from a recipe that asked for it. */
  readonly add?: { readonly name: string; readonly back: string };
};

/** Everything the kitchen knows how to use: composition, price, what is in the house; one ingredient open beside the list. */
export function PantryPage({ currency, rows, prices, lots, today, add }: PantryPageProps): ReactNode {
  const items = useMemo(() => itemsOf(unpacked(rows), new Map(prices), lots), [rows, prices, lots]);
  const [typed, setTyped] = useState('');
  const [shown, setShown] = useState('all');
  const [open, setOpen] = useState<string | null>(items.find((item) => item.lots.length > 0)?.row.id ?? items[0]?.row.id ?? null);
  const [adding, setAdding] = useState(add !== undefined);
  const { listed, kinds, byId } = useListed(items, typed, shown);
  const ticked = useChosen();
  const isThere = useIsThere();
  const item = open === null ? null : (byId.get(open) ?? null);
  return (
    <main className="mx-auto flex max-w-[1280px] flex-col px-6 py-4 lg:h-[calc(100dvh-52px)]">
      <header className="flex flex-wrap items-center gap-x-4 gap-y-2 pb-3">
        <h1 className="text-[27px]">Pantry</h1>
        <Filters typed={typed} setTyped={setTyped} shown={shown} setShown={setShown} kinds={kinds} />
        <p role="status" className="text-[14px] text-soft">
          {listed.length} ingredients
        </p>
        <DeleteChosen kind="ingredient" chosen={ticked.chosen} onGone={ticked.clear} />
        <span className="flex-1" />
        <Beside onAdd={() => setAdding(true)} />
      </header>
      <div className="grid min-h-0 flex-1 gap-3 lg:grid-cols-[1fr_25rem]">
        <div
          role="region"
          aria-label="Ingredients"
          tabIndex={0}
          className="min-h-0 overflow-auto rounded-[18px] border-[1.6px] border-rim bg-face max-lg:max-h-[60vh] print:max-h-none print:overflow-visible print:rounded-none print:border-0"
        >
          <PantryTable
            listed={isThere ? listed : listed.slice(0, FIRST)}
            currency={currency}
            today={today}
            open={open}
            setOpen={setOpen}
            ticked={ticked}
          />
          {listed.length === 0 && (
            <p className="px-4 py-3 text-soft">Nothing fits. Take a limit away, or add it from its packet.</p>
          )}
        </div>
        {item && (
          <Panel label={item.row.name} className="min-h-0 overflow-y-auto px-5 py-3">
            <Needs role="baker" told="prices and what is in the house are changed by">
              <IngredientSheet key={item.row.id} item={item} currency={currency} today={today} />
            </Needs>
          </Panel>
        )}
      </div>
      <OwnIngredientForm
        open={adding}
        first={add?.name ?? ''}
        onClose={(saved) => {
          setAdding(false);
          if (saved && add) window.location.assign(add.back);
        }}
      />
    </main>
  );
}

/** What is to be bought, and what is not on the list yet. */
const Beside = ({ onAdd }: { readonly onAdd: () => void }): ReactNode => (
  <>
    <Link className={buttonClass()} href="/pantry/shopping">
      Shopping list
    </Link>
    <Needs role="baker">
      <Button look="main" onClick={onAdd}>
        Add from a packet
      </Button>
    </Needs>
  </>
);

/** What of the ingredients is listed: what was typed, of the kind that is shown. */
function useListed(
  items: readonly PantryItem[],
  typed: string,
  shown: string,
): { readonly listed: readonly PantryItem[]; readonly kinds: readonly string[]; readonly byId: ReadonlyMap<string, PantryItem> } {
  const byId = useMemo(() => new Map(items.map((item) => [item.row.id, item])), [items]);
  const pantry = useMemo<Pantry>(() => new Map(items.map(({ row }) => [row.id, row])), [items]);
  const kinds = useMemo(() => [...new Set(items.map(({ row }) => row.category))].sort(), [items]);
  const found = typed.trim() === '' ? [...pantry.values()] : searchPantry(typed, pantry);
  const listed = found.flatMap((row) => byId.get(row.id) ?? []).filter((item) => isShown(item, shown));
  return { listed, kinds, byId };
}

function isShown({ row, lots }: PantryItem, shown: string): boolean {
  if (shown === 'house') return lots.length > 0;
  if (shown === 'own') return row.own;
  if (shown === 'danger') return row.dogFlag === 'avoid';
  return shown === 'all' || shown === `kind:${row.category}`;
}

type PantryRowProps = {
  readonly item: PantryItem;
  readonly currency: string;
  readonly today: string;
  readonly isOpen: boolean;
  readonly onOpen: () => void;
  readonly tick: ReactNode;
};

const cup_ml = 250;

function PantryRow({ item, currency, today, isOpen, onOpen, tick }: PantryRowProps): ReactNode {
  const { row, price } = item;
  const first = firstToGo(item);
  const past = Boolean(first?.best_before && first.best_before < today);
  const light = Math.round(row.bulkSpooned_g_per_ml * cup_ml);
  const hard = Math.round(row.bulkPacked_g_per_ml * cup_ml);
  return (
    <tr className={`border-t border-hair ${isOpen ? 'bg-crunch-pale' : ''}`}>
      <th scope="row" className="whole w-full py-1 pl-4 text-left font-semibold">
        <span className="flex items-center gap-2">
          {tick}
          <button
            type="button"
            onClick={onOpen}
            aria-pressed={isOpen}
            className="inline-flex min-w-[44px] items-center gap-1.5 text-left hover:underline"
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
      <td data-head={item.lots.length > 0 ? 'in the house' : undefined} className="px-2 pr-4 text-right whitespace-nowrap">
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
}

type PantryTableProps = {
  readonly listed: readonly PantryItem[];
  readonly currency: string;
  readonly today: string;
  readonly open: string | null;
  readonly setOpen: (id: string) => void;
  /** Own ingredients that are ticked: the others are everybody's. */
  readonly ticked: ReturnType<typeof useChosen>;
};

function PantryTable({ listed, currency, today, open, setOpen, ticked }: PantryTableProps): ReactNode {
  return (
    <table className="stacked w-full border-collapse text-[14.5px] max-sm:px-3">
      <thead className="sticky top-0 bg-face text-left text-[13.5px] text-soft">
        <tr>
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
      <tbody>
        {listed.map((one) => (
          <PantryRow
            key={one.row.id}
            item={one}
            currency={currency}
            today={today}
            isOpen={one.row.id === open}
            onOpen={() => setOpen(one.row.id)}
            tick={
              one.row.own === true && (
                <Tick
                  name={one.row.name}
                  checked={ticked.chosen.includes(one.row.id)}
                  onChange={() => ticked.toggle(one.row.id)}
                />
              )
            }
          />
        ))}
      </tbody>
    </table>
  );
}

type FiltersProps = {
  readonly typed: string;
  readonly setTyped: (typed: string) => void;
  readonly shown: string;
  readonly setShown: (shown: string) => void;
  readonly kinds: readonly string[];
};

function Filters({ typed, setTyped, shown, setShown, kinds }: FiltersProps): ReactNode {
  return (
    <>
      <label className="inline-flex items-center gap-2 rounded-full border-[1.6px] border-rim bg-face px-3 py-1">
        <Search aria-hidden size={16} className="text-soft" />
        <span className="sr-only">Find an ingredient</span>
        <input
          type="search"
          value={typed}
          placeholder="find an ingredient"
          onChange={({ target }) => setTyped(target.value)}
          className="w-52 bg-transparent outline-none"
        />
      </label>
      <Choice
        label="show"
        value={shown}
        options={[
          { value: 'all', name: 'everything' },
          { value: 'house', name: 'what is in the house' },
          { value: 'own', name: 'my own entries' },
          { value: 'danger', name: 'what is not for dogs' },
          ...kinds.map((kind) => ({ value: `kind:${kind}`, name: kind })),
        ]}
        onChange={setShown}
      />
    </>
  );
}
