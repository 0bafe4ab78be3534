import type { ReactNode } from 'react';
import { COLOUR_NAMES } from '@/core/heat';
import { TEXTURE_WORDS } from '@/core/texture';
import { VERDICTS, viewLogEntry } from '@/server/view-log';
import { LogEntry } from '@/ui/log/LogEntry';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

export default async function Page({ params }: { readonly params: Promise<{ id: string }> }): Promise<ReactNode> {
  const view = await viewLogEntry((await params).id);
  if (!view.ok) return <ErrorPanel title="This batch is not in the log" message={view.message} />;
  const { entry, measured, dogs, portions, hasPhoto, isStored } = view.value;
  return (
    <LogEntry
      {...entry}
      measured={measured}
      revision={measured?.revision ?? 0}
      textures={TEXTURE_WORDS}
      colours={COLOUR_NAMES}
      verdicts={VERDICTS}
      {...{ dogs, portions, hasPhoto, isStored }}
    />
  );
}
