import type { DogsView, SavedDog } from '@/contract/dogs';
import type { SavedAs } from '@/contract/version';
import type { Binned } from '@/contract/bin';
import { offerBack } from '../bin/bin-store';
import { useRouter } from 'next/navigation';
import { useCallback, useState } from 'react';
import { call } from '../kit/api';
import { NEW_DOG } from './dog-data';

/** The dogs of the page, with one open. */
export type Dogs = {
  readonly open: SavedDog | null;
  /** Where it stands among the dogs; -1 for one that was just added. */
  readonly at: number;
  readonly trouble: string | null;
  readonly pick: (id: string) => void;
  readonly add: () => Promise<void>;
  readonly drop: (id: string) => Promise<void>;
  /** A dog was saved: what it may have is asked anew. */
  readonly again: () => void;
};

/** Opens, adds and takes off dogs. */
export function useDogs({ dogs }: Pick<DogsView, 'dogs'>): Dogs {
  const router = useRouter();
  const [openId, pick] = useState(dogs[0]?.id ?? '');
  const [trouble, setTrouble] = useState<string | null>(null);
  const [added, setAdded] = useState<SavedDog | null>(null);
  const again = useCallback(() => router.refresh(), [router]);
  const at = dogs.findIndex(({ id }) => id === openId);
  const add = async (): Promise<void> => {
    const id = `dog-${Date.now().toString(36)}`;
    const answer = await call<SavedAs>(`/api/dogs/${id}`, { method: 'PUT', body: { revision: 0, document: NEW_DOG } });
    setTrouble(answer.ok ? null : answer.message);
    if (!answer.ok) return;
    // It stands open at once, not only when the kitchen has listed it.
    setAdded({ id, document: NEW_DOG, ...answer.value });
    pick(id);
    again();
  };
  const drop = async (id: string): Promise<void> => {
    const answer = await call<Binned>(`/api/dogs/${id}`, { method: 'DELETE' });
    setTrouble(answer.ok ? null : answer.message);
    if (!answer.ok) return;
    offerBack(answer.value);
    pick(dogs.find((dog) => dog.id !== id)?.id ?? '');
    again();
  };
  return { open: dogs[at] ?? (added?.id === openId ? added : null), at, trouble, pick, add, drop, again };
}
