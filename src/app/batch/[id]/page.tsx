import type { ReactNode } from 'react';
import { packed } from '@/contract/packed';
import { openBatch } from '@/server/open-batch';
import { BatchPage } from '@/ui/batch/BatchPage';
import { BENCHES, type Bench } from '@/ui/batch/bench-props';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

type PageProps = { readonly params: Promise<{ id: string }>; readonly searchParams: Promise<{ bench?: string }> };

export default async function Page({ params, searchParams }: PageProps): Promise<ReactNode> {
  const opened = await openBatch((await params).id);
  if (!opened.ok) return <ErrorPanel title="This batch cannot be opened" message={opened.message} />;
  const { bench } = await searchParams;
  const first: Bench = BENCHES.find((name) => name === bench) ?? 'heat';
  return <BatchPage {...opened.value} pantry={packed(opened.value.pantry)} firstBench={first} />;
}
