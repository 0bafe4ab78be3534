import 'server-only';
import { reaches, type Role } from '@/core/people';
import { fail, type Failure } from '@/core/failure';
import { who, type Asked, type Who } from '../asked';

/** The least that one must be to have something done: known in the kitchen as this, or nobody at all. */
export type Least = Role | 'anybody';

const NOT_SIGNED_IN = fail('NOT_SIGNED_IN', 'Sign in first: this house asks who comes.');
/** What each role is called in a sentence that refuses. */
const WHO_MAY: Readonly<Record<Role, string>> = {
  guest: 'people of this kitchen',
  helper: 'helpers, bakers and owners of this kitchen',
  baker: 'bakers and owners of this kitchen',
  owner: 'owners of this kitchen',
};

/**
 * Why who asks may not have it done in a kitchen; null where they may. Whoever belongs to the kitchen in no way is told that there is none.
 *
 * @param kitchenId - null: the house as a whole, where the highest role in any kitchen counts
 */
export function refusal(least: Least, kitchenId: string | null, asking: Who = who()): Failure | null {
  if (least === 'anybody' || asking.kind === 'house') return null;
  if (asking.kind === 'stranger') return NOT_SIGNED_IN;
  if (kitchenId === null && asking.keeps_house) return null;
  const roles = kitchenId === null ? [...asking.roles.values()] : [asking.roles.get(kitchenId)];
  if (roles.some((role) => role !== undefined && reaches(role, least))) return null;
  return fail('NOT_ALLOWED', `Only ${WHO_MAY[least]} may do this. Nothing was changed; ask one of them.`);
}

/** Whether who asks may see that a kitchen is there. */
export function maySee(kitchenId: string, choice?: Asked): boolean {
  const asking = who(choice);
  return asking.kind === 'house' || (asking.kind === 'person' && asking.roles.has(kitchenId));
}

/** By what name the one who asks goes down; empty where nobody needs to be known. */
export function nameOfAsking(): string {
  const asking = who();
  return asking.kind === 'person' ? asking.name : '';
}
