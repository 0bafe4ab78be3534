'use client';
import { unpacked, type Packed } from '@/contract/packed';
import type { LotView, PantryItem } from '@/contract/pantry';
import { Search } from 'lucide-react';
import { Link } from '../kit/Link';
import { useMemo, useState, type ReactNode } from 'react';
import { searchPantry, type Ingredient, type Pantry } from '@/core/pantry';
import { DeleteChosen } from '../bin/DeleteChosen';
import { useChosen } from '../kit/use-chosen';
import { Button, buttonClass } from '../kit/Button';
import { Choice } from '../kit/Choice';
import { Needs } from '../kit/Needs';
import { Panel } from '../kit/Panel';
import { IngredientSheet } from './IngredientSheet';
import { OwnIngredientForm } from './OwnIngredientForm';
import { PantryTable } from './PantryTable';
import { itemsOf } from './pantry-data';

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
          <PantryTable listed={listed} currency={currency} today={today} open={open} setOpen={setOpen} ticked={ticked} />
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
