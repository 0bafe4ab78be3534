'use client';
import type { KitAppliance } from '@/contract/batch';
import { Plus } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { APPLIANCE_KINDS, type ApplianceKind } from '@/core/catalogue';
import { type KitchenCosts } from '@/core/outcomes';
import { type Places } from '@/core/calls';
import { applianceName } from '../format/words';
import { Button } from '../kit/Button';
import { Choice } from '../kit/Choice';
import { OptionalNumber } from '../kit/OptionalNumber';
import { Panel } from '../kit/Panel';
import { CostsPanel } from './CostsPanel';
import { PlacesPanel } from './PlacesPanel';
import { ApplianceSheet } from './ApplianceSheet';
import { call, wrongWith } from '../kit/api';

type AppliancesPageProps = {
  readonly appliances: readonly KitAppliance[];
  readonly currency: string;
  readonly energy_per_kwh: number | null;
  readonly room_c: number;
  readonly costs: Omit<KitchenCosts, 'energy_per_kwh' | 'lost'>;
  readonly places: Places;
};

const KINDS = APPLIANCE_KINDS.map((value) => ({ value, name: applianceName(value) }));

/** What stands in the kitchen: every oven and dryer with what is known of it, measured where it was measured. */
export function AppliancesPage({
  appliances: first,
  currency,
  energy_per_kwh,
  room_c,
  costs: firstCosts,
  places: firstPlaces,
}: AppliancesPageProps): ReactNode {
  const [appliances, setAppliances] = useState(first);
  const [openId, setOpen] = useState<string | null>(first[0]?.id ?? null);
  const [energy, setEnergy] = useState(energy_per_kwh);
  const [costs, setCosts] = useState(firstCosts);
  const [places, setPlaces] = useState(firstPlaces);
  const [trouble, setTrouble] = useState<string | null>(null);
  const open = appliances.find(({ id }) => id === openId) ?? null;

  const keep = async (changed: KitAppliance): Promise<void> => {
    const before = appliances;
    const known = before.some(({ id }) => id === changed.id);
    setAppliances(known ? before.map((one) => (one.id === changed.id ? changed : one)) : [...before, changed]);
    setOpen(changed.id);
    const wrong = wrongWith(
      await call(`/api/kit/appliances/${changed.id}`, {
        method: 'PUT',
        body: { name: changed.name, appliance: changed.appliance },
      }),
    );
    setTrouble(wrong);
    if (wrong) setAppliances(before);
  };
  const add = (kind: ApplianceKind): void =>
    void keep({
      id: `${kind}-${Date.now().toString(36)}`,
      name: `Another ${applianceName(kind)}`,
      appliance: { kind, thermostat_offset_c: 0 },
    });
  const drop = async ({ id }: KitAppliance): Promise<void> => {
    const wrong = wrongWith(await call(`/api/kit/appliances/${id}`, { method: 'DELETE' }));
    setTrouble(wrong);
    if (wrong) return;
    const left = appliances.filter((one) => one.id !== id);
    setAppliances(left);
    setOpen(left[0]?.id ?? null);
  };
  const price = async (value: number | null): Promise<void> => {
    setEnergy(value);
    setTrouble(wrongWith(await call('/api/kit/energy', { method: 'PUT', body: { energy_per_kwh: value } })));
  };

  const pay = async (next: typeof costs): Promise<void> => {
    setCosts(next);
    setTrouble(wrongWith(await call('/api/kit/costs', { method: 'PUT', body: next })));
  };

  const hold = async (next: Places): Promise<void> => {
    setPlaces(next);
    setTrouble(wrongWith(await call('/api/kit/places', { method: 'PUT', body: next })));
  };

  return (
    <main className="mx-auto flex max-w-[1280px] flex-col gap-3 px-6 py-4">
      <header className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <h1 className="text-[27px]">Kit</h1>
        <p className="text-[14px] text-soft">what stands in the kitchen, and what it really does</p>
        <span className="flex-1" />
        <span className="inline-flex items-center gap-2 text-[14.5px]">
          <span className="text-soft">a kilowatt hour costs</span>
          <OptionalNumber
            label="Price of a kilowatt hour"
            unit={currency}
            value={energy}
            placeholder="?"
            max={1000}
            onChange={(value) => void price(value === 0 ? null : value)}
          />
        </span>
        <AddAppliance onAdd={add} />
      </header>
      {trouble && (
        <p role="alert" className="rounded-2xl border-[1.6px] border-stop bg-face px-4 py-2 text-stop">
          {trouble}
        </p>
      )}
      <div className="grid grid-cols-[300px_minmax(0,1fr)] items-start gap-3 max-lg:grid-cols-1">
        <Panel label="Appliances" className="p-2">
          {appliances.length === 0 && <p className="px-3 py-2 text-soft">Nothing yet. Add the oven you bake in most.</p>}
          <ul>
            {appliances.map(({ id, name, appliance }) => (
              <li key={id}>
                <button
                  type="button"
                  aria-current={id === openId}
                  className={`w-full rounded-xl px-3 py-1.5 text-left ${id === openId ? 'bg-crunch-pale' : 'hover:bg-enamel'}`}
                  onClick={() => setOpen(id)}
                >
                  <strong className="block">{name}</strong>
                  <span className="text-[13.5px] text-soft">
                    {applianceName(appliance.kind ?? 'static-oven')}
                    {(appliance.heat_up ?? appliance.cool_down) ? ' · measured' : ''}
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </Panel>
        {open && (
          <ApplianceSheet
            key={open.id}
            own={open}
            room_c={room_c}
            onKeep={(next) => void keep(next)}
            onDrop={() => void drop(open)}
          />
        )}
      </div>
      <PlacesPanel places={places} onKeep={(next) => void hold(next)} />
      <CostsPanel costs={costs} currency={currency} onKeep={(next) => void pay(next)} />
    </main>
  );
}

/** Which kind is new in the kitchen. */
function AddAppliance({ onAdd }: { readonly onAdd: (kind: ApplianceKind) => void }): ReactNode {
  const [kind, setKind] = useState<ApplianceKind>('fan-oven');
  return (
    <span className="inline-flex items-center gap-2">
      <Choice label="Add a" value={kind} options={KINDS} onChange={setKind} />
      <Button onClick={() => onAdd(kind)}>
        <Plus aria-hidden size={16} /> Add it
      </Button>
    </span>
  );
}
