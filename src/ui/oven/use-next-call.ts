'use client';
import type { BakeView } from '@/contract/oven';
import type { Dial } from '../format/dial-words';
import { callWords } from './act-words';
import { mostUrgent } from './oven-view';
import { useChime } from './use-chime';
import { useDueNotice } from './use-due-notice';
import { useWakeLock } from './use-wake-lock';

const MINUTE_MS = 60_000;

type NextCall = {
  /** The batch whose call is due first. */
  readonly urgent: BakeView | null;
  /** What the tab says, where one sees no more of the page than that. */
  readonly title: string;
  readonly chime: ReturnType<typeof useChime>;
  readonly notice: ReturnType<typeof useDueNotice>;
};

/** The call that is due first over all batches: rung, told on the tab and by the device, with the screen kept on meanwhile. */
export function useNextCall(bakes: readonly BakeView[], now: number | null, dial: Dial): NextCall {
  const urgent = mostUrgent(bakes);
  const call = urgent && urgent.next !== null ? urgent.calls[urgent.next] : null;
  const title = urgent && call ? callWords(call, dial, urgent.pieces).title : '';
  const left_ms = call && now !== null ? Date.parse(call.due_at) - now : null;
  const dueId = urgent && left_ms !== null && left_ms <= 0 ? `${urgent.batch} ${urgent.next}` : null;
  const chime = useChime(dueId);
  const notice = useDueNotice({ id: dueId, title, text: urgent?.name ?? '' });
  useWakeLock(urgent !== null);
  return { urgent, title: titleOf(title, left_ms), chime, notice };
}

function titleOf(title: string, left_ms: number | null): string {
  if (left_ms === null) return 'At the oven';
  const minutes = Math.ceil(left_ms / MINUTE_MS);
  return minutes <= 0 ? `● Now: ${title}` : `${minutes} min: ${title}`;
}
