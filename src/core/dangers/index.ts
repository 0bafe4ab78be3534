export { DANGER_CODES } from './danger';
export type { DangerCode, DangerSeverity, FoundDanger } from './danger';
export { GRAVITY, findDangers } from './find-dangers';
