import type { ReactNode } from 'react';
import { viewPantry } from '@/server/view-pantry';
import { PantryPage } from '@/ui/pantry/PantryPage';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

export default async function Page(): Promise<ReactNode> {
  const view = await viewPantry();
  if (!view.ok) return <ErrorPanel title="The pantry cannot be opened" message={view.message} />;
  return <PantryPage {...view.value} />;
}
