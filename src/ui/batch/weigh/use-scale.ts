'use client';
import { useEffect, useState } from 'react';
import { call } from '../../kit/api';

/** What the kitchen scale says to this page. */
export type ScaleState =
  | { readonly kind: 'off' | 'connecting' }
  | { readonly kind: 'reading'; readonly grams: number; readonly stable: boolean }
  /** The scale is unplugged, or the oven does not answer; both mend themselves. */
  | { readonly kind: 'silent' | 'lost' };

/** Listens to the scale while `on`; a stream that breaks is taken up again by the browser. */
export function useScale(on: boolean): ScaleState {
  const [heard, setHeard] = useState<ScaleState>({ kind: 'connecting' });
  useEffect(() => {
    if (!on) return;
    const stream = new EventSource('/api/scale');
    stream.addEventListener('reading', ({ data }: MessageEvent<string>) => {
      const { grams, stable } = JSON.parse(data) as { grams: number; stable: boolean };
      setHeard({ kind: 'reading', grams, stable });
    });
    stream.addEventListener('silent', () => setHeard({ kind: 'silent' }));
    stream.onerror = () => setHeard({ kind: 'lost' });
    return () => stream.close();
  }, [on]);
  return on ? heard : { kind: 'off' };
}

/** Works the scale, or the stand-in for one; a scale that cannot be reached says so through the stream. */
export async function workScale(
  what: { readonly do: 'tare' | 'plug' | 'unplug' } | { readonly do: 'put'; readonly grams: number },
): Promise<void> {
  await call('/api/scale', { body: what });
}
