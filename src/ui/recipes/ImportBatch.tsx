'use client';
import { useRef, useState, type ReactNode } from 'react';
import { Button } from '../kit/Button';

type Answer = { readonly id?: string; readonly error?: { readonly message: string; readonly path: string } };

/** Brings a *.batch.json in; what is wrong with a file is said here, and nothing is kept of it. */
export function ImportBatch(): ReactNode {
  const input = useRef<HTMLInputElement>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const take = async (file: File): Promise<void> => {
    setWrong(null);
    try {
      const response = await fetch('/api/batches', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: await file.text(),
      });
      const answer = (await response.json()) as Answer;
      if (answer.id) window.location.assign(`/batch/${answer.id}`);
      else setWrong(`${file.name}: ${answer.error?.message ?? 'it could not be read.'}`);
    } catch {
      setWrong('The file did not reach the kitchen. Is Upbeat Oven still running?');
    }
  };
  return (
    <>
      <Button onClick={() => input.current?.click()}>Bring in a batch file</Button>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        aria-label="Batch file"
        className="sr-only"
        tabIndex={-1}
        onChange={({ target }) => {
          const [file] = target.files ?? [];
          if (file) void take(file);
          target.value = '';
        }}
      />
      {wrong && (
        <p role="alert" className="w-full rounded-2xl border-[1.6px] border-stop bg-face px-4 py-2">
          <strong className="text-stop">Not brought in.</strong> {wrong}
        </p>
      )}
    </>
  );
}
