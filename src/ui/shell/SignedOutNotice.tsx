'use client';
import { useSyncExternalStore, type ReactNode } from 'react';
import { buttonClass } from '../kit/Button';
import { isSignedOut, onSignedOut } from '../kit/signed-out';

/** This device was signed out while its page stood open: what was typed is still there, and is saved once one is back. */
export function SignedOutNotice(): ReactNode {
  const out = useSyncExternalStore(onSignedOut, isSignedOut, () => false);
  if (!out) return null;
  return (
    <div role="alert" className="print:hidden fixed inset-x-0 top-2 z-50 flex justify-center px-3">
      <p className="flex flex-wrap items-center gap-3 rounded-2xl border-[1.6px] border-stop bg-face px-4 py-2">
        <span>You are signed out. What you typed stays on this page; sign in beside it and it is saved.</span>
        <a href="/sign-in" target="_blank" className={buttonClass('small')}>
          Sign in
        </a>
      </p>
    </div>
  );
}
