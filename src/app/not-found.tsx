import type { ReactNode } from 'react';
import { Trouble } from '@/ui/shell/Trouble';

export default function NotFound(): ReactNode {
  return <Trouble title="There is nothing here" message="The address may have been mistyped, or the page has moved." />;
}
