import type { ReactNode } from 'react';
import { viewLabel } from '@/server/label';
import { LabelPage } from '@/ui/label/LabelPage';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

export default async function Page({ params }: { readonly params: Promise<{ id: string }> }): Promise<ReactNode> {
  const view = await viewLabel((await params).id);
  return view.ok ? <LabelPage {...view.value} /> : <ErrorPanel title="This label cannot be written" message={view.message} />;
}
