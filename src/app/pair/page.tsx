import type { ReactNode } from 'react';
import { PairPage } from '@/ui/people/PairPage';

export const dynamic = 'force-dynamic';

export default function Page(): ReactNode {
  return <PairPage />;
}
