import type { ReactNode } from 'react';
import { viewNewKitchen } from '@/server/choose-kitchen';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';
import { NewKitchenPage } from '@/ui/welcome/NewKitchenPage';

export const dynamic = 'force-dynamic';

export default async function Page(): Promise<ReactNode> {
  const view = await viewNewKitchen();
  return view.ok ? (
    <NewKitchenPage countries={view.value.countries} />
  ) : (
    <ErrorPanel title="A kitchen cannot be set up just now" message={view.message} />
  );
}
