export type { AuditWord } from './done';
export { ROLES, reaches } from './roles';
export type { Role } from './roles';
