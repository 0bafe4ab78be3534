import { useState } from 'react';

/** Things of a list that are ticked, by id. */
export function useChosen(): { chosen: readonly string[]; toggle: (id: string) => void; clear: () => void } {
  const [chosen, setChosen] = useState<readonly string[]>([]);
  return {
    chosen,
    toggle: (id) => setChosen((now) => (now.includes(id) ? now.filter((one) => one !== id) : [...now, id])),
    clear: () => setChosen([]),
  };
}
