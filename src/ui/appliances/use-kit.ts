import type { ApplianceFacts, Costs, KitView, SavedAppliance } from '@/contract/kit';
import type { SavedAs } from '@/contract/version';
import type { Binned } from '@/contract/bin';
import { offerBack } from '../bin/bin-store';
import { useRouter } from 'next/navigation';
import { useCallback, useState } from 'react';
import type { Places } from '@/core/calls';
import type { ApplianceKind } from '@/core/catalogue';
import { applianceName } from '../format/words';
import { call, wrongWith } from '../kit/api';
import { useHouse, type House } from './use-house';

export type Kit = {
  readonly open: SavedAppliance | null;
  readonly house: House;
  readonly trouble: string | null;
  readonly pick: (id: string) => void;
  readonly add: (kind: ApplianceKind) => Promise<void>;
  readonly drop: (id: string) => Promise<void>;
  readonly pay: (costs: Costs) => void;
  readonly hold: (places: Places) => void;
  /** An appliance was saved: the list is asked anew. */
  readonly again: () => void;
};

/** Opens, adds and takes out appliances, and keeps what belongs to the whole kitchen. */
export function useKit({ appliances, ...whole }: KitView): Kit {
  const router = useRouter();
  const [openId, pick] = useState<string | null>(appliances[0]?.id ?? null);
  const [added, setAdded] = useState<SavedAppliance | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const { house, keep } = useHouse(whole, setTrouble);
  const again = useCallback(() => router.refresh(), [router]);
  const add = async (kind: ApplianceKind): Promise<void> => {
    const id = `${kind}-${Date.now().toString(36)}`;
    const document: ApplianceFacts = {
      name: `Another ${applianceName(kind)}`,
      appliance: { kind, thermostat_offset_c: 0 },
    };
    const answer = await call<SavedAs>(`/api/kit/appliances/${id}`, { method: 'PUT', body: { revision: 0, document } });
    setTrouble(wrongWith(answer));
    if (!answer.ok) return;
    setAdded({ id, document, ...answer.value });
    pick(id);
    again();
  };
  const drop = async (id: string): Promise<void> => {
    const answer = await call<Binned>(`/api/kit/appliances/${id}`, { method: 'DELETE' });
    setTrouble(wrongWith(answer));
    if (!answer.ok) return;
    offerBack(answer.value);
    setAdded(null);
    pick(appliances.find((one) => one.id !== id)?.id ?? null);
    again();
  };
  return {
    open: appliances.find(({ id }) => id === openId) ?? (added?.id === openId ? added : null),
    house,
    trouble,
    pick,
    add,
    drop,
    pay: (next) => keep('costs', next),
    hold: (next) => keep('places', next),
    again,
  };
}
