import type { ReactNode } from 'react';
import { viewKit } from '@/server/kit';
import { KitPlace } from '@/ui/kit-place/KitPlace';
import { Trouble } from '@/ui/shell/Trouble';

export const dynamic = 'force-dynamic';

export default async function Page(): Promise<ReactNode> {
  const view = await viewKit();
  return view.ok ? <KitPlace {...view.value} /> : <Trouble title="The kit cannot be opened" message={view.message} />;
}
