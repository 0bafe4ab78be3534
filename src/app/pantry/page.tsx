import type { ReactNode } from 'react';
import { packed } from '@/contract/packed';
import { viewPantry } from '@/server/view-pantry';
import { PantryPage } from '@/ui/pantry/PantryPage';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';
import { PageTitle } from '@/ui/shell/PageTitle';

export const dynamic = 'force-dynamic';

type Query = { readonly add?: string; readonly back?: string };

export default async function Page({ searchParams }: { readonly searchParams: Promise<Query> }): Promise<ReactNode> {
  const { add, back } = await searchParams;
  const view = await viewPantry();
  if (!view.ok) return <ErrorPanel title="The pantry cannot be opened" message={view.message} />;
  // Only back to a page of this house.
  const asked = add ? { add: { name: add.slice(0, 120), back: back && /^\/[a-z]/.test(back) ? back : '/pantry' } } : {};
  const { items, ...house } = view.value;
  return (
    <>
      <PageTitle>Pantry</PageTitle>
      <PantryPage
        {...house}
        {...asked}
        rows={packed(items.map(({ row }) => row))}
        prices={items.flatMap(({ row, price }) => (price ? [[row.id, price] as const] : []))}
        lots={items.flatMap(({ lots }) => lots)}
      />
    </>
  );
}
