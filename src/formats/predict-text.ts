import { USUAL_DRAWS } from '@/core/bands';
import { wholeBatch } from '@/core/outcomes';
import { findProgrammes, type FoundProgrammes } from '@/core/search';
import type { Kitchen, Prediction } from '@/core/prediction';
import type { Failure, Result } from '@/core/failure';
import { readBatch } from './read-batch';

/** What every door does with a batch file's text: read, check, predict, with its bands. */
export function predictText(text: string, kitchen: Kitchen): Result<Prediction> {
  const document = readBatch(text);
  if (!document.ok) return document;
  const worked = wholeBatch(document.value, kitchen, 'full', USUAL_DRAWS);
  return worked.ok ? { ok: true, value: worked.value.prediction } : worked;
}

/** What the finder's doors send: the open format's name and version, then what was found. */
export type Programmes = { readonly format: 'upbeat-oven/programmes'; readonly version: 1 } & FoundProgrammes;

/** The same for the finder: the programmes that meet a batch file's target. */
export function findText(text: string, kitchen: Kitchen): Result<Programmes> {
  const document = readBatch(text);
  if (!document.ok) return document;
  const found = findProgrammes(document.value, kitchen);
  return found.ok ? { ok: true, value: { format: 'upbeat-oven/programmes', version: 1, ...found.value } } : found;
}

/** A failure as the doors write it. */
export const errorBody = ({ code, message, path }: Failure): { error: { code: string; message: string; path: string } } => ({
  error: { code, message, path },
});
