'use client';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { pill } from '../kit/Button';

type ReadBack = {
  readonly entered?: number;
  readonly skipped?: ReadonlyArray<{ readonly line: number; readonly why: string }>;
  readonly error?: { readonly message: string };
};

/** The log as a table, out and in. */
export function LogTable(): ReactNode {
  const router = useRouter();
  const [said, setSaid] = useState<{ readonly text: string; readonly wrong: boolean } | null>(null);
  const take = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const response = await fetch('/api/log.csv', { method: 'POST', body: await file.text() }).catch(() => null);
    const answer = ((await response?.json().catch(() => null)) ?? null) as ReadBack | null;
    if (!answer || answer.error)
      return setSaid({ text: answer?.error?.message ?? 'The kitchen cannot be reached; nothing was taken over.', wrong: true });
    const skipped = (answer.skipped ?? []).map(({ line, why }) => `line ${line}: ${why}`).join(' ');
    setSaid({ text: `${answer.entered ?? 0} batches taken over. ${skipped}`, wrong: skipped !== '' });
    router.refresh();
  };
  return (
    <span className="flex flex-wrap items-center gap-2">
      {said && (
        <span role={said.wrong ? 'alert' : 'status'} className={`text-[14px] ${said.wrong ? 'text-stop' : 'text-soft'}`}>
          {said.text}
        </span>
      )}
      <a className={pill('small')} href="/api/log.csv" download>
        As a table
      </a>
      <label className={`${pill('small')} cursor-pointer has-[:focus-visible]:outline-2`}>
        From a table
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
