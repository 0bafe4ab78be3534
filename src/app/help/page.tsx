import type { ReactNode } from 'react';
import { HelpPage } from '@/ui/help/HelpPage';

export default function Page(): ReactNode {
  return <HelpPage />;
}
