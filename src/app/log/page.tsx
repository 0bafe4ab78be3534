import type { ReactNode } from 'react';
import { viewLearned } from '@/server/oven/learned';
import { viewLog } from '@/server/view-log';
import { LearnedPanel } from '@/ui/log/LearnedPanel';
import { LogBook } from '@/ui/log/LogBook';
import { LogTable } from '@/ui/log/LogTable';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

export default async function Page(): Promise<ReactNode> {
  const [view, learned] = [await viewLog(), await viewLearned()];
  return view.ok ? (
    <LogBook entries={view.value} learned={learned.ok ? <LearnedPanel {...learned.value} /> : null} tables={<LogTable />} />
  ) : (
    <ErrorPanel title="The log cannot be opened" message={view.message} />
  );
}
