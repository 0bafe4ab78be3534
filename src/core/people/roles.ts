/** What a person may do in a kitchen; each may do what the ones before may. */
export const ROLES = ['guest', 'helper', 'baker', 'owner'] as const;
export type Role = (typeof ROLES)[number];

/** Whether somebody of this role may do what asks for that one. */
export const reaches = (role: Role, least: Role): boolean => ROLES.indexOf(role) >= ROLES.indexOf(least);
