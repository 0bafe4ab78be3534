import type { ReactNode } from 'react';
import { viewJars } from '@/server/jars/view-jars';
import { JarsPage } from '@/ui/jars/JarsPage';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

export default async function Page(): Promise<ReactNode> {
  const view = await viewJars();
  return view.ok ? <JarsPage {...view.value} /> : <ErrorPanel title="The store room cannot be opened" message={view.message} />;
}
