import type { Role } from '@/core/people';

/** What each role may do, in words. */
export const ROLE_SAYS: Readonly<Record<Role, string>> = {
  owner: 'everything, people and devices too',
  baker: 'all the work: recipes, batches, days, pantry, kit',
  helper: 'at the oven, weights, jars; reads the rest',
  guest: 'reads only',
};
export const ROLE_OPTIONS: ReadonlyArray<{ readonly value: Role; readonly name: string }> = [
  { value: 'owner', name: 'owner' },
  { value: 'baker', name: 'baker' },
  { value: 'helper', name: 'helper' },
  { value: 'guest', name: 'guest' },
];

/** How long ago, as one says it. */
export function ago(iso: string, now: string): string {
  const minutes = Math.max(0, Math.round((Date.parse(now) - Date.parse(iso)) / 60_000));
  if (minutes < 2) return 'just now';
  if (minutes < 60) return `${minutes} minutes ago`;
  const hours = Math.round(minutes / 60);
  return hours < 48 ? `${hours} hours ago` : `${Math.round(hours / 24)} days ago`;
}
