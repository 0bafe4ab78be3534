'use client';
import { counted } from '@/core/quantities';
import type { ReadBack } from '@/contract/log';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { buttonClass } from '../kit/Button';
import { call } from '../kit/api';

/** The log as a table, out and in. */
export function LogTable(): ReactNode {
  const router = useRouter();
  const [said, setSaid] = useState<{ readonly text: string; readonly wrong: boolean } | null>(null);
  const take = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const answer = await call<ReadBack>('/api/log.csv', { raw: { content: await file.text(), type: 'text/csv' } });
    if (!answer.ok) return setSaid({ text: answer.message, wrong: true });
    setSaid({ text: `${counted(answer.value.entered, 'batch', 'batches')} taken over.`, wrong: false });
    router.refresh();
  };
  return (
    <span className="flex flex-wrap items-center gap-2">
      {said && (
        <span role={said.wrong ? 'alert' : 'status'} className={`text-[14px] ${said.wrong ? 'text-stop' : 'text-soft'}`}>
          {said.text}
        </span>
      )}
      <a className={buttonClass('small')} href="/api/log.csv" download>
        Export CSV
      </a>
      <label className={`${buttonClass('small')} cursor-pointer has-[:focus-visible]:outline-2`}>
        Import CSV
        <input
          type="file"
          accept=".csv,text/csv"
          className="sr-only"
          onChange={({ target }) => {
            void take(target.files?.[0]);
            target.value = '';
          }}
        />
      </label>
    </span>
  );
}
