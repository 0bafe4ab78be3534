import type { ReactNode } from 'react';
import { viewOven } from '@/server/oven/view-oven';
import { OvenPlace } from '@/ui/oven/OvenPlace';
import { Trouble } from '@/ui/shell/Trouble';

export const dynamic = 'force-dynamic';

export default async function Page(): Promise<ReactNode> {
  const view = await viewOven();
  return view.ok ? <OvenPlace first={view.value} /> : <Trouble title="The oven cannot be reached" message={view.message} />;
}
