import type { ReactNode } from 'react';
import { viewSettings } from '@/server/kitchen-settings';
import { SettingsPage } from '@/ui/settings/SettingsPage';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

export default async function Page(): Promise<ReactNode> {
  const view = await viewSettings();
  return view.ok ? (
    <SettingsPage key={view.value.kitchen.id} {...view.value} />
  ) : (
    <ErrorPanel title="The settings cannot be opened" message={view.message} />
  );
}
