import type { ReactNode } from 'react';
import { viewJars, type JarsQuery } from '@/server/jars/view-jars';
import { JarsPage } from '@/ui/jars/JarsPage';
import { WantedPanel } from '@/ui/jars/WantedPanel';
import { viewDemand } from '@/server/view-demand';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

type PageProps = { readonly searchParams: Promise<Readonly<Record<keyof JarsQuery, string | string[] | undefined>>> };

export default async function Page({ searchParams }: PageProps): Promise<ReactNode> {
  const asked = await searchParams;
  const one = (key: keyof JarsQuery): string | undefined => [asked[key]].flat()[0];
  const [view, demand] = await Promise.all([
    viewJars({ find: one('find'), room: one('room'), fridge: one('fridge'), freezer: one('freezer') }),
    viewDemand(),
  ]);
  const wanted = demand.ok ? <WantedPanel {...demand.value} /> : null;
  return view.ok ? (
    <JarsPage {...view.value} wanted={wanted} />
  ) : (
    <ErrorPanel title="The store room cannot be opened" message={view.message} />
  );
}
