'use client';
import { counted } from '@/core/quantities';
import { Link } from '../kit/Link';
import type { ReactNode } from 'react';
import type { ShoppingItem } from '@/core/costing';
import { mass, packMass } from '../format/units';
import { money } from '../format/money';
import { Button, buttonClass } from '../kit/Button';
import { Panel } from '../kit/Panel';
import { Table } from '../kit/Table';
import { PageTitle } from '../shell/PageTitle';

type ShoppingListProps = {
  readonly currency: string;
  readonly batches: ReadonlyArray<{ readonly id: string; readonly name: string; readonly chosen: boolean }>;
  readonly planned: number;
  readonly items: readonly ShoppingItem[];
  readonly total: number;
  readonly unpriced: readonly string[];
};

/** What to buy for the planned batches: whole packs, less what is in the house, with what it costs. */
export function ShoppingList({ currency, batches, planned, items, total, unpriced }: ShoppingListProps): ReactNode {
  const chosen = batches.filter((batch) => batch.chosen);
  const address = (ids: readonly string[]): string => new URLSearchParams(ids.map((id) => ['batch', id])).toString();
  const toggled = (id: string): string[] =>
    batches.filter((batch) => (batch.id === id ? !batch.chosen : batch.chosen)).map((batch) => batch.id);
  return (
    <main className="mx-auto max-w-[1100px] px-6 py-4">
      <PageTitle>Shopping list</PageTitle>
      <header className="flex flex-wrap items-center gap-x-4 gap-y-2 pb-3">
        <h1 className="text-[27px]">Shopping list</h1>
        <p className="text-soft">
          for {planned > batches.length && `${chosen.length} of `}
          {counted(planned > batches.length ? planned : chosen.length, 'planned batch', 'planned batches')}
        </p>
        <span className="flex-1" />
        <Link className={buttonClass()} href="/pantry">
          Pantry
        </Link>
        <a className={buttonClass()} href={`/api/shopping.csv?${address(chosen.map(({ id }) => id))}`} download>
          Table
        </a>
        <Button look="main" onClick={() => window.print()}>
          Print
        </Button>
      </header>
      {batches.length === 0 && (
        <p className="text-soft">No batch is planned. Start one from Recipes, and what it needs stands here.</p>
      )}
      <ul className="flex flex-wrap gap-2 pb-3 print:hidden" aria-label="Batches to buy for">
        {batches.map(({ id, name, chosen: is }) => (
          <li key={id}>
            <Link
              href={`/pantry/shopping?${address(toggled(id))}`}
              aria-current={is ? 'true' : undefined}
              className={`inline-block rounded-full border-[1.4px] px-3 py-0.5 text-[14.5px] ${is ? 'border-ink bg-ink text-face' : 'border-hair bg-face hover:border-rim'}`}
            >
              {is ? '✓ ' : ''}
              {name}
            </Link>
          </li>
        ))}
      </ul>
      {items.length > 0 && (
        <Panel label="To buy" className="px-5 py-3">
          <BuyTable items={items} currency={currency} total={total} unpriced={unpriced} />
        </Panel>
      )}
    </main>
  );
}

function buyWords({ packs, buy_g }: ShoppingItem): string {
  if (buy_g === 0) return 'enough';
  return packs.length > 0 ? packs.map(({ count, pack_g }) => `${count} × ${packMass(pack_g)}`).join(' + ') : mass(buy_g);
}

type BuyTableProps = {
  readonly items: readonly ShoppingItem[];
  readonly currency: string;
  readonly total: number;
  readonly unpriced: readonly string[];
};

function BuyTable({ items, currency, total, unpriced }: BuyTableProps): ReactNode {
  return (
    <Table
      label="What is bought"
      heads={[
        'Buy',
        'Ingredient',
        { name: 'needed, as bought', right: true },
        { name: 'in the house', right: true },
        { name: 'left over', right: true },
        { name: 'cost', right: true },
      ]}
    >
      <tbody>
        {items.map((item) => (
          <tr key={item.ingredient.id} className={`border-t border-hair ${item.buy_g === 0 ? 'text-soft' : ''}`}>
            <td className="py-1.5 font-display text-[17px] font-semibold whitespace-nowrap">
              <span
                aria-hidden
                className={`mr-2 hidden size-3.5 rounded-sm border border-rim ${item.buy_g > 0 ? 'print:inline-block' : ''}`}
              />
              {buyWords(item)}
            </td>
            <td className="pr-3 font-semibold max-sm:order-first max-sm:basis-full">{item.ingredient.name}</td>
            <td data-head="needed" className="text-right whitespace-nowrap">
              {mass(item.need_g)}
            </td>
            <td data-head="in the house" className="text-right whitespace-nowrap">
              {item.have_g > 0 ? mass(item.have_g) : ''}
            </td>
            <td data-head="left over" className="text-right whitespace-nowrap">
              {item.leftOver_g > 1 ? mass(item.leftOver_g) : ''}
            </td>
            <td className="text-right whitespace-nowrap">{item.cost === null ? 'no price' : money(item.cost, currency)}</td>
          </tr>
        ))}
      </tbody>
      <tfoot>
        <tr className="border-t-[1.6px] border-rim">
          <th colSpan={5} className="py-1.5 text-left font-semibold">
            Together
            {unpriced.length > 0 && <span className="font-normal text-soft"> without {unpriced.join(', ').toLowerCase()}</span>}
          </th>
          <td className="text-right font-display text-[18px] font-semibold">{money(total, currency)}</td>
        </tr>
      </tfoot>
    </Table>
  );
}
