import type { ReactNode } from 'react';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export default function NotFound(): ReactNode {
  return <ErrorPanel title="There is nothing here" message="The address may have been mistyped, or the page has moved." />;
}
