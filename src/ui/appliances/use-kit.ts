import type { ApplianceFacts, Costs, KitView, SavedAppliance } from '@/contract/kit';
import type { SavedAs } from '@/contract/version';
import { useRouter } from 'next/navigation';
import { useCallback, useState } from 'react';
import type { Places } from '@/core/calls';
import type { ApplianceKind } from '@/core/catalogue';
import { applianceName } from '../format/words';
import { call, wrongWith } from '../kit/api';

/** What belongs to the whole kitchen. */
type House = { readonly energy_per_kwh: number | null; readonly costs: Costs; readonly places: Places };

export type Kit = {
  readonly open: SavedAppliance | null;
  readonly house: House;
  readonly trouble: string | null;
  readonly pick: (id: string) => void;
  readonly add: (kind: ApplianceKind) => Promise<void>;
  readonly drop: (id: string) => Promise<void>;
  readonly price: (energy_per_kwh: number | null) => void;
  readonly pay: (costs: Costs) => void;
  readonly hold: (places: Places) => void;
  /** An appliance was saved: the list is asked anew. */
  readonly again: () => void;
};

/** Opens, adds and takes out appliances, and keeps what belongs to the whole kitchen. */
export function useKit({ appliances, energy_per_kwh, costs, places }: KitView): Kit {
  const router = useRouter();
  const [openId, pick] = useState<string | null>(appliances[0]?.id ?? null);
  const [added, setAdded] = useState<SavedAppliance | null>(null);
  const [house, setHouse] = useState<House>({ energy_per_kwh, costs, places });
  const [trouble, setTrouble] = useState<string | null>(null);
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
    const wrong = wrongWith(await call(`/api/kit/appliances/${id}`, { method: 'DELETE' }));
    setTrouble(wrong);
    if (wrong) return;
    setAdded(null);
    pick(appliances.find((one) => one.id !== id)?.id ?? null);
    again();
  };
  const keep = async (change: Partial<House>, route: string, body: unknown): Promise<void> => {
    setHouse((now) => ({ ...now, ...change }));
    setTrouble(wrongWith(await call(`/api/kit/${route}`, { method: 'PUT', body })));
  };
  return {
    open: appliances.find(({ id }) => id === openId) ?? (added?.id === openId ? added : null),
    house,
    trouble,
    pick,
    add,
    drop,
    price: (paid) => void keep({ energy_per_kwh: paid }, 'energy', { energy_per_kwh: paid }),
    pay: (next) => void keep({ costs: next }, 'costs', next),
    hold: (next) => void keep({ places: next }, 'places', next),
    again,
  };
}
