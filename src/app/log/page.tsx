import type { ReactNode } from 'react';
import { viewLog } from '@/server/view-log';
import { LogBook } from '@/ui/log/LogBook';
import { Trouble } from '@/ui/shell/Trouble';

export const dynamic = 'force-dynamic';

export default async function Page(): Promise<ReactNode> {
  const view = await viewLog();
  return view.ok ? <LogBook entries={view.value} /> : <Trouble title="The log cannot be opened" message={view.message} />;
}
