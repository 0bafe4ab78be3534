'use client';
import { useState, type ReactNode } from 'react';
import { Alert } from '../kit/Alert';
import { buttonClass } from '../kit/Button';
import { bringKitchen } from './choose';

/** Takes a kitchen in out of the ZIP that it was exported to, and goes there. */
export function BringKitchen(): ReactNode {
  const [trouble, setTrouble] = useState<string | null>(null);
  const [going, setGoing] = useState(false);
  const bring = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    setGoing(true);
    const wrong = await bringKitchen(file);
    setTrouble(wrong);
    if (wrong !== null) setGoing(false);
  };
  return (
    <>
      <label className={`${buttonClass('small')} cursor-pointer has-[:focus-visible]:outline-2`}>
        {going ? 'Bringing it in …' : 'Bring a kitchen in (ZIP)'}
        <input
          type="file"
          accept=".zip,application/zip"
          className="sr-only"
          disabled={going}
          onChange={({ target }) => {
            void bring(target.files?.[0]);
            target.value = '';
          }}
        />
      </label>
      <Alert look="line">{trouble}</Alert>
    </>
  );
}
