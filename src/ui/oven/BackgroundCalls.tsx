'use client';
import type { BakeView } from '@/contract/oven';
import type { ReactNode } from 'react';
import type { Dial } from '../format/dial-words';
import { Button } from '../kit/Button';
import { saveFile } from '../kit/save-file';
import { callWords } from './act-words';
import { toCome } from './oven-view';
import type { Permission } from './use-due-notice';

type BackgroundCallsProps = {
  readonly bakes: readonly BakeView[];
  readonly dial: Dial;
  readonly permission: Permission;
  readonly onAsk: () => void;
};

/** What each answer of the device means for calls. */
const SAYS: Readonly<Record<Permission, string>> = {
  default: 'May this device call you while another page or program is in front?',
  granted: 'This device calls you while another page or program is in front.',
  denied: 'This device was told not to call while another page is in front; its settings for this site change that.',
  impossible: 'This browser cannot call while another page is in front: keep this one in view.',
};

/** How calls reach somebody who does not look at this page, and what does not. */
export function BackgroundCalls({ bakes, dial, permission, onAsk }: BackgroundCallsProps): ReactNode {
  return (
    <section
      aria-label="When this page is not in view"
      className="flex flex-col gap-2 rounded-2xl border border-hair px-4 py-3 text-[15px]"
    >
      <p>
        {SAYS[permission]} <strong className="font-semibold">While a phone sleeps, nothing of this page rings</strong>: a kitchen
        of its own has no service far away that could wake it. A calendar does ring.
      </p>
      <p className="flex flex-wrap gap-2">
        {permission === 'default' && (
          <Button look="small" className="min-h-[34px]" onClick={onAsk}>
            Call me
          </Button>
        )}
        <Button look="small" className="min-h-[34px]" onClick={() => void saveCalls(bakes, dial)}>
          Calendar with alarms
        </Button>
      </p>
    </section>
  );
}

/** Hands the calls to come over as a calendar file. */
async function saveCalls(bakes: readonly BakeView[], dial: Dial): Promise<void> {
  const { ovenCalendar } = await import('@/formats/oven-calendar');
  const text = ovenCalendar(
    toCome(bakes).map(({ bake, call }) => {
      const { title, detail } = callWords(call, dial, bake.pieces);
      const id = `${bake.batch}-${call.position}`;
      return { id, batch: bake.name, title, detail, due_ms: Date.parse(call.due_at), hands_min: call.call.hands };
    }),
  );
  saveFile(new Blob([text], { type: 'text/calendar' }), 'at-the-oven.ics');
}
