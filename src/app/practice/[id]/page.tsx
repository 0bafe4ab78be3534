import type { ReactNode } from 'react';
import { viewPractice } from '@/server/practice/view-practice';
import { PracticePage } from '@/ui/practice/PracticePage';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

type PageProps = { readonly params: Promise<{ id: string }> };

export default async function Page({ params }: PageProps): Promise<ReactNode> {
  const view = await viewPractice((await params).id);
  return view.ok ? (
    <PracticePage {...view.value} />
  ) : (
    <ErrorPanel title="This practice bake cannot be opened" message={view.message} />
  );
}
