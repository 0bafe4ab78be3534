import type { OvenView } from '@/contract/oven';

/** The oven as this browser saw it last, and when that was on this device's clock. */
export type Seen = { readonly view: OvenView; readonly at_ms: number };

const nameOf = (kitchen: string): string => `upbeat-oven:seen:${kitchen}`;

/** Keeps what was seen, for times without a line. A browser whose store is full or shut keeps nothing. */
export function keepSeen(kitchen: string, view: OvenView): void {
  try {
    localStorage.setItem(nameOf(kitchen), JSON.stringify({ view, at_ms: Date.now() } satisfies Seen));
  } catch {
    // Nothing depends on it while there is a line.
  }
}

/** What was seen last where that is newer than what a page was served with: the page may be one that the browser kept. */
export function newerSeen(kitchen: string, first: OvenView): Seen | null {
  try {
    const seen = JSON.parse(localStorage.getItem(nameOf(kitchen)) ?? 'null') as Seen | null;
    return seen && Date.parse(seen.view.now) >= Date.parse(first.now) ? seen : null;
  } catch {
    return null;
  }
}

/** Forgets what every kitchen showed: who was signed in is not any more. What still waits to be sent stays. */
export function forgetSeen(): void {
  try {
    for (const name of Object.keys(localStorage)) if (name.startsWith(nameOf(''))) localStorage.removeItem(name);
  } catch {
    // A shut store holds nothing.
  }
}
