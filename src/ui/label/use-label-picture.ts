import { useEffect, useState } from 'react';
import type { LabelText } from '@/core/labelling';
import { call } from '../kit/api';

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
  const raw = { content: body, type: 'application/json' };
  const drawn = await call<{ readonly svg: string; readonly xHeight_mm: number }>('/api/label', { raw, signal });
  if (signal.aborted) return null;
  return drawn.ok ? { kind: 'drawn', ...drawn.value } : { kind: 'wrong', message: drawn.message };
}
