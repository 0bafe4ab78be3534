import type { ReactNode } from 'react';
import { viewPractices } from '@/server/practice/view-practices';
import { PracticesPage } from '@/ui/practice/PracticesPage';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

export default async function Page(): Promise<ReactNode> {
  const view = await viewPractices();
  return view.ok ? <PracticesPage {...view.value} /> : <ErrorPanel title="Practise cannot be opened" message={view.message} />;
}
