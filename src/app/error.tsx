'use client';
import type { ReactNode } from 'react';
import { Trouble } from '@/ui/shell/Trouble';

export default function ErrorPage(): ReactNode {
  return (
    <Trouble
      title="Something went wrong here"
      message="It is a mistake of ours, not of yours. Your batches are saved; load the page again."
    />
  );
}
