'use client';
import { useState, type ReactNode } from 'react';
import { Button, buttonClass } from '../kit/Button';
import { call, wrongWith } from '../kit/api';
import type { Binned } from '@/contract/bin';
import { offerBack } from '../bin/bin-store';

/** A photo is kept no larger than this [px]. */
const LONGEST_PX = 1280;
const QUALITY = 0.82;

/** A photo of the batch, made small on this device before it is kept. */
export function BatchPhoto({ id, hasPhoto }: { readonly id: string; readonly hasPhoto: boolean }): ReactNode {
  const [version, setVersion] = useState(hasPhoto ? 1 : 0);
  const [trouble, setTrouble] = useState<string | null>(null);
  const address = `/api/batches/${id}/photo`;
  const keep = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const small = await smaller(file);
    if (!small) return setTrouble('This picture cannot be read. Choose a JPEG, PNG or WebP.');
    const kept = await call(address, { method: 'PUT', raw: { content: small, type: small.type } });
    setTrouble(wrongWith(kept));
    if (kept.ok) setVersion(version + 1);
  };
  const drop = async (): Promise<void> => {
    const gone = await call<Binned>(address, { method: 'DELETE' });
    setTrouble(wrongWith(gone));
    if (!gone.ok) return;
    offerBack(gone.value);
    setVersion(0);
  };
  return (
    <div className="flex flex-wrap items-center gap-3 pt-3">
      {version > 0 && (
        // The picture comes from this kitchen's own database; there is nothing to optimise on the way.
        // oxlint-disable-next-line nextjs/no-img-element
        <img src={`${address}?v=${version}`} alt="The batch" className="max-h-40 rounded-xl border border-hair" />
      )}
      <label className={`${buttonClass('small')} cursor-pointer has-[:focus-visible]:outline-2`}>
        {version > 0 ? 'Another photo' : 'Add a photo'}
        <input
          type="file"
          accept="image/*"
          capture="environment"
          className="sr-only"
          onChange={({ target }) => {
            void keep(target.files?.[0]);
            target.value = '';
          }}
        />
      </label>
      {version > 0 && (
        <Button look="small" onClick={() => void drop()}>
          Take it out
        </Button>
      )}
      {trouble && (
        <span role="alert" className="text-stop">
          {trouble}
        </span>
      )}
    </div>
  );
}

async function smaller(file: File): Promise<Blob | null> {
  const bitmap = await createImageBitmap(file).catch(() => null);
  if (!bitmap) return null;
  const scale = Math.min(1, LONGEST_PX / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [Math.round(bitmap.width * scale), Math.round(bitmap.height * scale)];
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve) => canvas.toBlob(resolve, 'image/jpeg', QUALITY));
}
