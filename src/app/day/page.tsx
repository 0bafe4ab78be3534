import type { ReactNode } from 'react';
import { viewBakeDay } from '@/server/bake-day';
import { BakeDayPage } from '@/ui/day/BakeDayPage';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

type PageProps = { readonly searchParams: Promise<{ day?: string }> };

export default async function Page({ searchParams }: PageProps): Promise<ReactNode> {
  const { day } = await searchParams;
  const view = await viewBakeDay(day);
  // A day that was taken away, or brought back, is another one than the page began with.
  return view.ok ? (
    <BakeDayPage key={`${view.value.day} ${view.value.saved.revision > 0}`} {...view.value} />
  ) : (
    <ErrorPanel title="The bake day cannot be opened" message={view.message} />
  );
}
