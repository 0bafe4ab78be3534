import { ROLES, reaches, type Role } from '@/core/people';

/** Set by the server, which knows for whom it draws. */
const shared = globalThis as { ovenRole?: () => Role | undefined };

/** What the reader of the page is in its kitchen; null where nobody needs to be known. Ambient, as the units are. */
export function roleHere(): Role | null {
  if (typeof document === 'undefined') return shared.ovenRole?.() ?? null;
  return ROLES.find((role) => role === document.documentElement.dataset.role) ?? null;
}

/** Whether the reader may do what asks for this role. The server asks again, whatever a page shows. */
export function mayHere(least: Role): boolean {
  const role = roleHere();
  return role === null || reaches(role, least);
}
