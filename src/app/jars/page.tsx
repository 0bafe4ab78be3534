import type { ReactNode } from 'react';
import { viewJars, type JarsQuery } from '@/server/jars/view-jars';
import { JarsPage } from '@/ui/jars/JarsPage';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

type PageProps = { readonly searchParams: Promise<Readonly<Record<keyof JarsQuery, string | string[] | undefined>>> };

export default async function Page({ searchParams }: PageProps): Promise<ReactNode> {
  const asked = await searchParams;
  const one = (key: keyof JarsQuery): string | undefined => [asked[key]].flat()[0];
  const view = await viewJars({ find: one('find'), room: one('room'), fridge: one('fridge'), freezer: one('freezer') });
  return view.ok ? <JarsPage {...view.value} /> : <ErrorPanel title="The store room cannot be opened" message={view.message} />;
}
