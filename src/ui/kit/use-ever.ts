import { useState } from 'react';

/** Whether something was so once: what was opened stays as it is left. */
export function useEver(now: boolean): boolean {
  const [ever, setEver] = useState(now);
  if (now && !ever) setEver(true);
  return ever;
}
