import type { ReactNode } from 'react';
import { viewBin } from '@/server/bin';
import { BinPage } from '@/ui/bin/BinPage';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

export default async function Page(): Promise<ReactNode> {
  const view = await viewBin();
  return view.ok ? <BinPage {...view.value} /> : <ErrorPanel title="The bin cannot be opened" message={view.message} />;
}
