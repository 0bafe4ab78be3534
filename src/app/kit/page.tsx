import type { ReactNode } from 'react';
import { viewKit } from '@/server/kit';
import { AppliancesPage } from '@/ui/appliances/AppliancesPage';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

export default async function Page(): Promise<ReactNode> {
  const view = await viewKit();
  return view.ok ? <AppliancesPage {...view.value} /> : <ErrorPanel title="The kit cannot be opened" message={view.message} />;
}
