import type { ReactNode } from 'react';
import { viewDogs, type DogsQuery } from '@/server/dogs';
import { DogsPage } from '@/ui/dogs/DogsPage';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

type PageProps = { readonly searchParams: Promise<Readonly<Record<keyof DogsQuery, string | string[] | undefined>>> };

export default async function Page({ searchParams }: PageProps): Promise<ReactNode> {
  const { find, from } = await searchParams;
  const view = await viewDogs({ find: [find].flat()[0], from: [from].flat()[0] });
  return view.ok ? <DogsPage {...view.value} /> : <ErrorPanel title="The dogs cannot be called" message={view.message} />;
}
