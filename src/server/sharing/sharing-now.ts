import type { SharingView } from '@/contract/people';
import type { Queryable } from '@/db/client';
import { signInWanted } from '@/db/people';
import { line } from '../asked';
import { lanAddresses } from './lan-address';
import { sharedAt } from './shared-at';
import { sharing } from './share-state';

/** Whether other devices may come, and how they find the way. */
export async function sharingNow(db: Queryable): Promise<SharingView> {
  const now = sharing();
  return {
    sign_in: await signInWanted(db),
    is_here: line().is_here,
    url: sharedAt(),
    trouble: now?.trouble ?? null,
    fingerprint: now?.fingerprint ?? null,
    addresses: lanAddresses(),
  };
}
