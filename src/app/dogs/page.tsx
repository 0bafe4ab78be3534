import type { ReactNode } from 'react';
import { viewDogs } from '@/server/dogs';
import { DogsPlace } from '@/ui/dogs/DogsPlace';
import { Trouble } from '@/ui/shell/Trouble';

export const dynamic = 'force-dynamic';

export default async function Page(): Promise<ReactNode> {
  const view = await viewDogs();
  return view.ok ? <DogsPlace {...view.value} /> : <Trouble title="The dogs cannot be called" message={view.message} />;
}
