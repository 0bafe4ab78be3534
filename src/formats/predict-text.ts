import { addBand, predict, type Kitchen, type Prediction } from '@/core/batch';
import type { Failure, Result } from '@/core/failure';
import { readBatch } from './read-batch';

/** What every door does with a batch file's text: read, check, predict, with its bands. */
export function predictText(text: string, kitchen: Kitchen): Result<Prediction> {
  const document = readBatch(text);
  if (!document.ok) return document;
  const worked = predict(document.value, kitchen);
  return worked.ok ? { ok: true, value: addBand(worked.value) } : worked;
}

/** A failure as the doors write it. */
export const errorBody = ({ code, message, path }: Failure): { error: { code: string; message: string; path: string } } => ({
  error: { code, message, path },
});
