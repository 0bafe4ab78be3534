'use client';
import type { SettingsView } from '@/contract/kitchens';
import { useRouter } from 'next/navigation';
import { Suspense, type ReactNode } from 'react';
import { PageHead } from '../kit/PageHead';
import { AccountPanel } from './AccountPanel';
import { CopyPanel } from './CopyPanel';
import { Needs } from '../kit/Needs';
import { DevicePanel } from './DevicePanel';
import { EnergyPanel } from './EnergyPanel';
import { IdentityPanel } from './IdentityPanel';
import { KitchensPanel } from './KitchensPanel';
import { ReadsPanel } from './ReadsPanel';
import { PlacePanel } from './PlacePanel';
import { PageTitle } from '../shell/PageTitle';

/** What belongs to the kitchen as a whole, and to the house it is in. */
export function SettingsPage(view: SettingsView): ReactNode {
  const router = useRouter();
  const again = (): void => router.refresh();
  return (
    <main className="mx-auto flex max-w-[960px] flex-col gap-3 px-6 py-4">
      <PageTitle>Settings</PageTitle>
      <PageHead title="Settings" says={view.kitchen.name} />
      {view.kitchen.is_demo && (
        <p className="rounded-2xl border-[1.4px] border-hair bg-enamel px-4 py-2 text-[15px]">
          This kitchen is made up, to look around in. What you change here is kept, and goes with it when you remove it.
        </p>
      )}
      {/* Each wakes by itself: all of them at once would hold the page up. */}
      <Suspense>
        <Needs role="owner" told="the kitchen’s settings are changed by">
          <IdentityPanel kitchenId={view.kitchen.id} saved={view.identity} onSaved={again} />
        </Needs>
      </Suspense>
      <Suspense>
        <Needs role="owner">
          <PlacePanel view={view} onSaved={again} />
        </Needs>
      </Suspense>
      <Suspense>
        <Needs role="baker">
          <EnergyPanel view={view} />
        </Needs>
      </Suspense>
      <Suspense>
        <ReadsPanel view={view} />
      </Suspense>
      <DevicePanel />
      <AccountPanel me={view.me} sharing={view.sharing} />
      <Suspense>
        <Needs role="owner">
          <CopyPanel copiedAt={view.copied_at} isOld={view.copy_is_old} />
          <KitchensPanel kitchen={view.kitchen} kitchens={view.kitchens} ownRecipes={view.own_recipes} />
        </Needs>
      </Suspense>
    </main>
  );
}
