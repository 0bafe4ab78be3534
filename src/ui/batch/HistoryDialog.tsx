'use client';
import type { BatchVersions } from '@/contract/batch';
import { useState, type ReactNode } from 'react';
import { differences, type BatchDocument } from '@/core/document';
import { clock, dayOfYear } from '../format/units';
import { Alert } from '../kit/Alert';
import { Button } from '../kit/Button';
import { Modal } from '../kit/Modal';
import { call } from '../kit/api';
import { differenceWords } from '../log/difference-words';
import { localDay } from '../kit/local-day';

type HistoryDialogProps = {
  readonly batchId: string;
  readonly document: BatchDocument;
  readonly onRestore: (document: BatchDocument) => void;
  /** What opens it: when the batch was saved. */
  readonly children: ReactNode;
};

/** Differences that are told of each version; the rest is counted. */
const TOLD = 4;

/** How the batch stood before: what was otherwise, and the way back to it. */
export function HistoryDialog({ batchId, document, onRestore, children }: HistoryDialogProps): ReactNode {
  const [open, setOpen] = useState(false);
  const [versions, setVersions] = useState<BatchVersions['versions'] | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const show = async (): Promise<void> => {
    setOpen(true);
    const answer = await call<BatchVersions>(`/api/batches/${batchId}/versions`);
    setWrong(answer.ok ? null : answer.message);
    if (answer.ok) setVersions(answer.value.versions);
  };
  return (
    <>
      <button
        type="button"
        title="How it stood before"
        className="underline decoration-dotted underline-offset-4 hover:text-ink"
        onClick={() => void show()}
      >
        {children}
        <span className="sr-only">, history</span>
      </button>
      <Modal open={open} title="How this batch stood before" width="max-w-3xl" onClose={() => setOpen(false)}>
        <Alert>{wrong}</Alert>
        {versions === null && wrong === null && <p className="text-soft">Looking …</p>}
        {versions?.length === 0 && (
          <p className="text-soft">
            Nothing older is kept yet. When you change the batch again after ten minutes or more, it is kept here as it was
            before.
          </p>
        )}
        <ul>
          {versions?.map((version) => (
            <li key={version.revision} className="flex flex-wrap items-start gap-3 border-t border-hair py-2 first:border-0">
              <Told version={version} now={document} />
              <Button
                look="small"
                onClick={() => {
                  onRestore(version.document);
                  setOpen(false);
                }}
              >
                Bring it back
              </Button>
            </li>
          ))}
        </ul>
        <p className="flex justify-end">
          <Button onClick={() => setOpen(false)}>Close</Button>
        </p>
      </Modal>
    </>
  );
}

function Told({ version, now }: { readonly version: BatchVersions['versions'][number]; readonly now: BatchDocument }): ReactNode {
  const at = new Date(version.saved_at);
  const all = differences(version.document, now);
  return (
    <div className="min-w-60 flex-1">
      <strong>
        {dayOfYear(localDay(at))}, {clock(at.getHours() * 60 + at.getMinutes())}
        {version.saved_by && `, ${version.saved_by}`}
      </strong>
      {all.length === 0 && <p className="text-[14px] text-soft">as it is now</p>}
      <ul className="text-[14px]">
        {all.slice(0, TOLD).map((one) => (
          <li key={one.path.join('.')}>{differenceWords(one, (id) => id.replaceAll('_', ' '))}</li>
        ))}
      </ul>
      {all.length > TOLD && <p className="text-[14px] text-soft">and {all.length - TOLD} more</p>}
    </div>
  );
}
