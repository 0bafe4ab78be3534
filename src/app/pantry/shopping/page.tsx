import type { ReactNode } from 'react';
import { viewShopping } from '@/server/view-shopping';
import { ShoppingList } from '@/ui/pantry/ShoppingList';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

type PageProps = { readonly searchParams: Promise<{ batch?: string | string[] }> };

export default async function Page({ searchParams }: PageProps): Promise<ReactNode> {
  const { batch = [] } = await searchParams;
  const view = await viewShopping(typeof batch === 'string' ? [batch] : batch);
  return view.ok ? <ShoppingList {...view.value} /> : <ErrorPanel title="The list cannot be made" message={view.message} />;
}
