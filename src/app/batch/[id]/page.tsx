import type { ReactNode } from 'react';
import { openBatch } from '@/server/open-batch';
import { BatchPlace } from '@/ui/batch/BatchPlace';
import { BENCHES, type Bench } from '@/ui/batch/bench-props';
import { Trouble } from '@/ui/shell/Trouble';

export const dynamic = 'force-dynamic';

type PageProps = { readonly params: Promise<{ id: string }>; readonly searchParams: Promise<{ bench?: string }> };

export default async function Page({ params, searchParams }: PageProps): Promise<ReactNode> {
  const opened = await openBatch((await params).id);
  if (!opened.ok) return <Trouble title="This batch cannot be opened" message={opened.message} />;
  const { bench } = await searchParams;
  const first: Bench = BENCHES.find((name) => name === bench) ?? 'heat';
  return <BatchPlace {...opened.value} firstBench={first} />;
}
