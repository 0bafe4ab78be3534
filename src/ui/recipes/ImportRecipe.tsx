'use client';
import { useRef, useState, type ReactNode } from 'react';

import { isBatchFile } from '@/formats/is-batch-file';
import { Button } from '../kit/Button';
import type { ReadIncoming } from '@/formats/incoming';
import { EMPTY_DRAFT, keepDraft, toBase64 } from './bring/brought-draft';
import { call, type Answered } from '../kit/api';

type Made = { readonly id: string };
const JSON_TYPE = 'application/json';
/** What the server takes at most [bytes]. */
const LARGEST = 4e6;

/**
 * Brings a file in: a batch file opens on its line; a recipe of any other kind (a table, a saved page, plain words) is read and
 * shown in the editor with its questions. What is wrong with a file is said here, and nothing is kept of it.
 */
export function ImportRecipe(): ReactNode {
  const input = useRef<HTMLInputElement>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const take = async (file: File): Promise<void> => {
    setWrong(null);
    if (file.size > LARGEST)
      return setWrong(`${file.name}: larger than ${LARGEST / 1e6} MB, more than any recipe. Is it the right file?`);
    const bytes = new Uint8Array(await file.arrayBuffer());
    const text = new TextDecoder().decode(bytes);
    if (isBatchFile(text))
      return open(file, await call<Made>('/api/batches', { raw: { content: text, type: JSON_TYPE } }), 'batch');
    const read = await call<ReadIncoming>('/api/recipes/read', { raw: { content: file, type: 'application/octet-stream' } });
    if (!read.ok) return setWrong(`${file.name}: ${read.message}`);
    if (read.value.kind === 'document')
      return open(file, await call<Made>('/api/recipes', { body: read.value.document }), 'recipes');
    keepDraft({ ...EMPTY_DRAFT, file: { name: file.name, content: toBase64(bytes) } });
    window.location.assign('/recipes/new');
  };
  const open = (file: File, made: Answered<Made>, place: 'batch' | 'recipes'): void => {
    if (made.ok) window.location.assign(`/${place}/${made.value.id}`);
    else setWrong(`${file.name}: ${made.message}`);
  };
  return (
    <>
      <Button onClick={() => input.current?.click()}>Bring a file in</Button>
      <input
        ref={input}
        type="file"
        accept=".json,.jsonld,.csv,.tsv,.txt,.md,.html,.htm,.xlsx,.ods,application/json,text/*"
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
