import type { ReactNode } from 'react';
import { viewLearned } from '@/server/oven/learned';
import { viewLog } from '@/server/view-log';
import { LearnedPlate } from '@/ui/log/LearnedPlate';
import { LogBook } from '@/ui/log/LogBook';
import { LogTable } from '@/ui/log/LogTable';
import { Trouble } from '@/ui/shell/Trouble';

export const dynamic = 'force-dynamic';

export default async function Page(): Promise<ReactNode> {
  const [view, learned] = [await viewLog(), await viewLearned()];
  return view.ok ? (
    <LogBook entries={view.value} learned={learned.ok ? <LearnedPlate {...learned.value} /> : null} tables={<LogTable />} />
  ) : (
    <Trouble title="The log cannot be opened" message={view.message} />
  );
}
