'use client';
import type { ReactNode } from 'react';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export default function ErrorPage(): ReactNode {
  return (
    <ErrorPanel
      title="Something went wrong here"
      message="It is a mistake of ours, not of yours. What was marked as saved is saved; load the page again to see it."
    />
  );
}
