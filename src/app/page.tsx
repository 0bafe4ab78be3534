import type { ReactNode } from 'react';
import { viewToday } from '@/server/view-today';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';
import { TodayPage } from '@/ui/today/TodayPage';

export const dynamic = 'force-dynamic';

export default async function Page(): Promise<ReactNode> {
  const view = await viewToday();
  return view.ok ? <TodayPage {...view.value} /> : <ErrorPanel title="The kitchen cannot be reached" message={view.message} />;
}
