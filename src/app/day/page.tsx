import type { ReactNode } from 'react';
import { viewBakeDay } from '@/server/bake-day';
import { BakeDayPlace } from '@/ui/day/BakeDayPlace';
import { Trouble } from '@/ui/shell/Trouble';

export const dynamic = 'force-dynamic';

type PageProps = { readonly searchParams: Promise<{ day?: string }> };

export default async function Page({ searchParams }: PageProps): Promise<ReactNode> {
  const { day } = await searchParams;
  const view = await viewBakeDay(day);
  return view.ok ? (
    <BakeDayPlace key={view.value.day} {...view.value} />
  ) : (
    <Trouble title="The bake day cannot be opened" message={view.message} />
  );
}
