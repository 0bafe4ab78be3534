'use client';
import type { ReactNode } from 'react';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export default function ErrorPage(): ReactNode {
  return (
    <ErrorPanel
      title="Something went wrong here"
      message="It is a mistake of ours, not of yours. Your batches are saved; load the page again."
    />
  );
}
