import type { ReactNode } from 'react';
import { viewPeople } from '@/server/people/people';
import { PeoplePage } from '@/ui/people/PeoplePage';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

export default async function Page(): Promise<ReactNode> {
  const view = await viewPeople();
  return view.ok ? (
    <PeoplePage {...view.value} />
  ) : (
    <ErrorPanel title="People and devices cannot be shown" message={view.message} />
  );
}
