import type { ReactNode } from 'react';
import { viewLabel } from '@/server/label';
import { LabelPlace } from '@/ui/label/LabelPlace';
import { Trouble } from '@/ui/shell/Trouble';

export const dynamic = 'force-dynamic';

export default async function Page({ params }: { readonly params: Promise<{ id: string }> }): Promise<ReactNode> {
  const view = await viewLabel((await params).id);
  return view.ok ? <LabelPlace {...view.value} /> : <Trouble title="This label cannot be written" message={view.message} />;
}
