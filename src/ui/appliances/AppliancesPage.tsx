'use client';
import type { KitView, SavedAppliance } from '@/contract/kit';
import { Plus } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { APPLIANCE_KINDS, type ApplianceKind } from '@/core/catalogue';
import { applianceName } from '../format/words';
import { Alert } from '../kit/Alert';
import { Button } from '../kit/Button';
import { Choice } from '../kit/Choice';
import { Needs } from '../kit/Needs';
import { PageHead } from '../kit/PageHead';
import { Panel } from '../kit/Panel';
import { ApplianceSheet } from './ApplianceSheet';
import { CostsPanel } from './CostsPanel';
import { PlacesPanel } from './PlacesPanel';
import { useKit } from './use-kit';
import { PageTitle } from '../shell/PageTitle';

/** What stands in the kitchen: every oven and dryer with what is known of it, measured where it was measured. */
export function AppliancesPage(view: KitView): ReactNode {
  const { appliances, currency, room_c } = view;
  const { open, house, trouble, pick, add, drop, pay, hold, again } = useKit(view);
  return (
    <main className="mx-auto flex max-w-[1280px] flex-col gap-3 px-6 py-4">
      <PageTitle>Kit</PageTitle>
      <PageHead title="Kit" says="what stands in the kitchen, and what it really does">
        <Needs role="baker">
          <AddAppliance onAdd={(kind) => void add(kind)} />
        </Needs>
      </PageHead>
      <Alert>{trouble}</Alert>
      <div className="grid grid-cols-[300px_minmax(0,1fr)] items-start gap-3 max-lg:grid-cols-1">
        <ApplianceList appliances={appliances} openId={open?.id} onPick={pick} />
        <Needs role="baker">
          {open && <ApplianceSheet key={open.id} own={open} room_c={room_c} onSaved={again} onDrop={() => void drop(open.id)} />}
        </Needs>
      </div>
      <Needs role="baker">
        <PlacesPanel places={house.places} onKeep={hold} />
        <CostsPanel costs={house.costs} currency={currency} onKeep={pay} />
      </Needs>
    </main>
  );
}

type ApplianceListProps = {
  readonly appliances: readonly SavedAppliance[];
  readonly openId: string | undefined;
  readonly onPick: (id: string) => void;
};

const ApplianceList = ({ appliances, openId, onPick }: ApplianceListProps): ReactNode => (
  <Panel label="Appliances" className="p-2">
    {appliances.length === 0 && <p className="px-3 py-2 text-soft">Nothing yet. Add the oven you bake in most.</p>}
    <ul>
      {appliances.map(({ id, document: { name, appliance } }) => (
        <li key={id}>
          <button
            type="button"
            aria-current={id === openId}
            className={`w-full rounded-xl px-3 py-1.5 text-left ${id === openId ? 'bg-crunch-pale' : 'hover:bg-enamel'}`}
            onClick={() => onPick(id)}
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
);

const KINDS = APPLIANCE_KINDS.map((value) => ({ value, name: applianceName(value) }));

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
