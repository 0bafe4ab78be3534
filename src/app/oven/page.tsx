import type { ReactNode } from 'react';
import { viewOven } from '@/server/oven/view-oven';
import { OvenPage } from '@/ui/oven/OvenPage';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

export default async function Page(): Promise<ReactNode> {
  const view = await viewOven();
  return view.ok ? <OvenPage first={view.value} /> : <ErrorPanel title="The oven cannot be reached" message={view.message} />;
}
