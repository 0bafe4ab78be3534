import type { ReactNode } from 'react';
import { viewDogs } from '@/server/dogs';
import { DogsPage } from '@/ui/dogs/DogsPage';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

export default async function Page(): Promise<ReactNode> {
  const view = await viewDogs();
  return view.ok ? <DogsPage {...view.value} /> : <ErrorPanel title="The dogs cannot be called" message={view.message} />;
}
