import type { ReactNode } from 'react';
import { viewLearned } from '@/server/oven/learned';
import { viewLog, type LogQuery } from '@/server/view-log';
import { LearnedPanel } from '@/ui/log/LearnedPanel';
import { LogBook } from '@/ui/log/LogBook';
import { LogTable } from '@/ui/log/LogTable';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

type PageProps = { readonly searchParams: Promise<Readonly<Record<keyof LogQuery, string | string[] | undefined>>> };

export default async function Page({ searchParams }: PageProps): Promise<ReactNode> {
  const asked = await searchParams;
  const one = (key: keyof LogQuery): string | undefined => [asked[key]].flat()[0];
  const query = { words: one('words'), recipe: one('recipe'), oven: one('oven'), state: one('state'), after: one('after') };
  const [view, learned] = await Promise.all([viewLog(query), viewLearned()]);
  return view.ok ? (
    <LogBook {...view.value} learned={learned.ok ? <LearnedPanel {...learned.value} /> : null} tables={<LogTable />} />
  ) : (
    <ErrorPanel title="The log cannot be opened" message={view.message} />
  );
}
