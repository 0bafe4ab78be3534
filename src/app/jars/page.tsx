import type { ReactNode } from 'react';
import { viewJars } from '@/server/jars/view-jars';
import { JarsPlace } from '@/ui/jars/JarsPlace';
import { Trouble } from '@/ui/shell/Trouble';

export const dynamic = 'force-dynamic';

export default async function Page(): Promise<ReactNode> {
  const view = await viewJars();
  return view.ok ? <JarsPlace {...view.value} /> : <Trouble title="The store room cannot be opened" message={view.message} />;
}
