import { useEffect, useState } from 'react';
import type { LabelText } from '@/core/labelling';

export type LabelPictureState =
  | { readonly kind: 'waiting' }
  | { readonly kind: 'drawn'; readonly svg: string; readonly xHeight_mm: number }
  | { readonly kind: 'wrong'; readonly message: string };

const PAUSE_MS = 150;

/** The label drawn by the server as it would be printed, a moment after the last change. */
export function useLabelPicture(text: LabelText, width_mm: number, height_mm: number): LabelPictureState {
  const [picture, setPicture] = useState<LabelPictureState>({ kind: 'waiting' });
  const body = JSON.stringify({ text, width_mm, height_mm });
  useEffect(() => {
    const stop = new AbortController();
    const timer = setTimeout(() => void draw(body, stop.signal).then((drawn) => drawn && setPicture(drawn)), PAUSE_MS);
    return () => {
      clearTimeout(timer);
      stop.abort();
    };
  }, [body]);
  return picture;
}

async function draw(body: string, signal: AbortSignal): Promise<LabelPictureState | null> {
  const headers = { 'content-type': 'application/json' };
  const response = await fetch('/api/label', { method: 'POST', headers, body, signal }).catch(() => null);
  if (signal.aborted) return null;
  if (!response) return { kind: 'wrong', message: 'The kitchen cannot be reached. What you wrote is still here.' };
  const answer = (await response.json()) as { svg: string; xHeight_mm: number; error?: { message: string } };
  return answer.error ? { kind: 'wrong', message: answer.error.message } : { kind: 'drawn', ...answer };
}
