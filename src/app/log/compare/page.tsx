import type { ReactNode } from 'react';
import { ingredientNames } from '@/server/view-pantry';
import { compareBatches } from '@/server/view-log';
import { CompareBatches } from '@/ui/log/CompareBatches';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';
import { PageTitle } from '@/ui/shell/PageTitle';

export const dynamic = 'force-dynamic';

type PageProps = { readonly searchParams: Promise<{ batch?: string | string[] }> };

export default async function Page({ searchParams }: PageProps): Promise<ReactNode> {
  const { batch = [] } = await searchParams;
  const view = await compareBatches([batch].flat());
  const names = await ingredientNames();
  return view.ok ? (
    <>
      <PageTitle>Batches side by side</PageTitle>
      <CompareBatches {...view.value} names={names.ok ? names.value : {}} />
    </>
  ) : (
    <ErrorPanel title="These cannot be compared" message={view.message} />
  );
}
