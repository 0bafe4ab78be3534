'use client';
import { useCallback, useEffect, useSyncExternalStore } from 'react';

type Notice = {
  /** What is due now, by name; null for nothing. */
  readonly id: string | null;
  readonly title: string;
  readonly text: string;
};
export type Permission = NotificationPermission | 'impossible';

const heard = new Set<() => void>();
const permission = (): Permission => ('Notification' in globalThis ? Notification.permission : 'impossible');
const subscribe = (tell: () => void): (() => void) => {
  heard.add(tell);
  return () => heard.delete(tell);
};
/** As long, and as pausing, as somebody with wet hands hears [ms]. */
const BUZZ_MS = [300, 150, 300];

/**
 * Calls in the background: while the page is not in front, what falls due is told by the device, on its badge, and by a buzz where it has
 * one. The device is asked for it only by `ask`, when there is something to call for.
 */
export function useDueNotice({ id, title, text }: Notice): { readonly permission: Permission; readonly ask: () => void } {
  const may = useSyncExternalStore(subscribe, permission, (): Permission => 'default');
  useEffect(() => {
    const badge = navigator as { setAppBadge?: (count: number) => Promise<void>; clearAppBadge?: () => Promise<void> };
    void (id === null ? badge.clearAppBadge?.() : badge.setAppBadge?.(1))?.catch(() => undefined);
    if (id === null) return;
    if ('vibrate' in navigator && navigator.userActivation?.hasBeenActive) navigator.vibrate(BUZZ_MS);
    if (may === 'granted' && document.hidden) void show(id, title, text);
  }, [id, title, text, may]);
  const ask = useCallback(() => {
    if (!('Notification' in globalThis)) return;
    void Notification.requestPermission().then(() => heard.forEach((tell) => tell()));
  }, []);
  return { permission: may, ask };
}

/** By the service worker where there is one: phones let no page do it by itself. */
async function show(tag: string, title: string, body: string): Promise<void> {
  const options = { body, tag, icon: '/icon-192.png', requireInteraction: true };
  const worker = await navigator.serviceWorker?.getRegistration().catch(() => undefined);
  try {
    if (worker) await worker.showNotification(title, options);
    else new Notification(title, options).onclick = () => window.focus();
  } catch {
    // The device changed its mind; the page still shows what is due.
  }
}
