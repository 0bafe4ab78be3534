'use client';
import { useRef, useState, type ReactNode } from 'react';
import type { BatchDocument } from '@/core/document';
import { isBatchFile } from '@/formats/is-batch-file';
import { Button } from '../kit/Button';
import { INCOMING_KEY, type Incoming } from './incoming';

type Answer = { readonly id?: string; readonly error?: { readonly message: string } };

const send = (address: string, body: string, type = 'application/json'): Promise<Response> =>
  fetch(address, { method: 'POST', headers: { 'content-type': type }, body });

/**
 * Brings a file in: a batch file opens on its line; a recipe of any other kind (a table, a saved page, plain words) is read and
 * shown in the editor with its questions. What is wrong with a file is said here, and nothing is kept of it.
 */
export function ImportRecipe(): ReactNode {
  const input = useRef<HTMLInputElement>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const take = async (file: File): Promise<void> => {
    setWrong(null);
    try {
      const text = await file.text();
      const isBatch = isBatchFile(text);
      const response = await (isBatch ? send('/api/batches', text) : send('/api/recipes/read', text, 'text/plain'));
      const answer = (await response.json()) as Answer & Incoming;
      if (answer.error) setWrong(`${file.name}: ${answer.error.message}`);
      else if (isBatch && answer.id) window.location.assign(`/batch/${answer.id}`);
      else if (answer.kind === 'document') await addToBook(answer.document);
      else {
        sessionStorage.setItem(INCOMING_KEY, text);
        window.location.assign('/recipes/new');
      }
    } catch {
      setWrong('The file did not reach the kitchen. Is Upbeat Oven still running?');
    }
  };
  const addToBook = async (document: BatchDocument): Promise<void> => {
    const answer = (await (await send('/api/recipes', JSON.stringify(document))).json()) as Answer;
    if (answer.id) window.location.assign(`/recipes/${answer.id}`);
    else setWrong(answer.error?.message ?? 'It could not be read.');
  };
  return (
    <>
      <Button onClick={() => input.current?.click()}>Bring a file in</Button>
      <input
        ref={input}
        type="file"
        accept=".json,.jsonld,.csv,.txt,.html,.htm,application/json,text/*"
        aria-label="Recipe or batch file"
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
