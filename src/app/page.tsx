import type { ReactNode } from 'react';
import { viewWelcome } from '@/server/choose-kitchen';
import { exampleLine } from '@/server/example-line';
import { viewToday } from '@/server/view-today';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';
import { TodayPage } from '@/ui/today/TodayPage';
import { ExampleLine } from '@/ui/welcome/ExampleLine';
import { WelcomePage } from '@/ui/welcome/WelcomePage';

export const dynamic = 'force-dynamic';

export default async function Page(): Promise<ReactNode> {
  const welcome = await viewWelcome();
  if (welcome.ok && welcome.value) {
    const example = await exampleLine();
    return <WelcomePage {...welcome.value} line={example && <ExampleLine {...example} />} />;
  }
  const view = await viewToday();
  return view.ok ? <TodayPage {...view.value} /> : <ErrorPanel title="The kitchen cannot be reached" message={view.message} />;
}
