import type { ReactNode } from 'react';
import { viewPantry } from '@/server/view-pantry';
import { PantryPlace } from '@/ui/pantry/PantryPlace';
import { Trouble } from '@/ui/shell/Trouble';

export const dynamic = 'force-dynamic';

export default async function Page(): Promise<ReactNode> {
  const view = await viewPantry();
  if (!view.ok) return <Trouble title="The pantry cannot be opened" message={view.message} />;
  return <PantryPlace {...view.value} />;
}
