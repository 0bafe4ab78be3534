import type { ReactNode } from 'react';
import { viewRunSheet } from '@/server/view-run-sheet';
import { RunSheet } from '@/ui/sheet/RunSheet';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

export default async function Page({ params }: { readonly params: Promise<{ id: string }> }): Promise<ReactNode> {
  const view = await viewRunSheet((await params).id);
  return view.ok ? <RunSheet {...view.value} /> : <ErrorPanel title="This run sheet cannot be written" message={view.message} />;
}
