import type { SettingsView } from '@/contract/kitchens';
import { Link } from '../kit/Link';
import type { ReactNode } from 'react';
import { OptionalNumber } from '../kit/OptionalNumber';
import { Panel } from '../kit/Panel';
import { SavingNote } from '../kit/autosave/SavingNote';
import { useAutosaved } from '../kit/autosave/use-autosaved';
import { Setting } from './Setting';

/** What a kilowatt hour costs: with it a bake is priced, and of two programmes the cheaper one is known. */
export function EnergyPanel({ view }: { readonly view: SettingsView }): ReactNode {
  const { document, change, saving } = useAutosaved(
    { key: `settings:${view.kitchen.id}:energy`, route: '/api/kit/energy', first: view.energy },
    () => undefined,
  );
  return (
    <Panel label="Energy" className="px-5 py-3">
      <h2 className="text-[19px]">Energy</h2>
      <SavingNote saving={saving} what="the price of energy" />
      <Setting name="A kilowatt hour costs" says="empty where it is not known">
        <OptionalNumber
          label="Price of a kilowatt hour"
          unit={view.place.document.currency}
          value={document.energy_per_kwh}
          placeholder="?"
          max={1000}
          onChange={(price) => change({ energy_per_kwh: price === 0 ? null : price })}
        />
        <Link className="underline" href="/kit">
          What work, packs and wear cost
        </Link>
      </Setting>
    </Panel>
  );
}
