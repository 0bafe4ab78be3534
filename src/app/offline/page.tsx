import type { ReactNode } from 'react';
import { NoLinePage } from '@/ui/shell/NoLinePage';

export default function Page(): ReactNode {
  return <NoLinePage />;
}
