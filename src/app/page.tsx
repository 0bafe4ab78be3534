import type { ReactNode } from 'react';
import { viewToday } from '@/server/view-today';
import { Trouble } from '@/ui/shell/Trouble';
import { TodayPlace } from '@/ui/today/TodayPlace';

export const dynamic = 'force-dynamic';

export default async function Page(): Promise<ReactNode> {
  const view = await viewToday();
  return view.ok ? <TodayPlace {...view.value} /> : <Trouble title="The kitchen cannot be reached" message={view.message} />;
}
