'use client';
import type { BinView } from '@/contract/bin';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { day } from '../format/units';
import { Alert } from '../kit/Alert';
import { Button } from '../kit/Button';
import { Needs } from '../kit/Needs';
import { Modal } from '../kit/Modal';
import { PageHead } from '../kit/PageHead';
import { Panel } from '../kit/Panel';
import { call } from '../kit/api';
import { PageTitle } from '../shell/PageTitle';
import { KIND_NAMES, bringBack } from './bin-store';

/** What was taken away in the last fortnight, each with its way back. */
export function BinPage({ things }: BinView): ReactNode {
  const router = useRouter();
  const [wrong, setWrong] = useState<string | null>(null);
  const [emptying, setEmptying] = useState(false);
  const back = async (id: string): Promise<void> => {
    const why = await bringBack([id]);
    setWrong(why);
    if (why === null) router.refresh();
  };
  const empty = async (): Promise<void> => {
    const answer = await call('/api/bin', { method: 'DELETE' });
    setEmptying(false);
    setWrong(answer.ok ? null : answer.message);
    if (answer.ok) router.refresh();
  };
  return (
    <main className="mx-auto flex max-w-[960px] flex-col gap-3 px-6 py-4">
      <PageTitle>Bin</PageTitle>
      <PageHead title="Bin" says="what was deleted stays here for 14 days">
        {things.length > 0 && (
          <Needs role="owner">
            <Button look="small" onClick={() => setEmptying(true)}>
              Empty it …
            </Button>
          </Needs>
        )}
      </PageHead>
      <Alert>{wrong}</Alert>
      <Panel label="In the bin" className="px-5 py-3">
        {things.length === 0 && <p className="text-soft">There is nothing in it.</p>}
        <Needs role="baker" told="things are brought back by">
          <ul>
            {things.map(({ id, kind, name, binned_at, gone_on }) => (
              <li key={id} className="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-hair py-1.5 first:border-0">
                <span className="w-32 text-soft">{KIND_NAMES[kind]}</span>
                <strong className="min-w-40 flex-1">{name}</strong>
                <span className="text-[14px] text-soft">
                  since {day(binned_at)}, gone for good on {day(gone_on)}
                </span>
                <Button look="small" aria-label={`Bring back ${KIND_NAMES[kind]} ${name}`} onClick={() => void back(id)}>
                  Bring back
                </Button>
              </li>
            ))}
          </ul>
        </Needs>
      </Panel>
      <Modal open={emptying} title="Empty the bin?" width="max-w-lg" onClose={() => setEmptying(false)}>
        <p>What is in it does not come back after that.</p>
        <p className="flex justify-end gap-2">
          <Button onClick={() => setEmptying(false)}>Keep it</Button>
          <Button look="main" onClick={() => void empty()}>
            Empty it
          </Button>
        </p>
      </Modal>
    </main>
  );
}
