export type { DangerCode, DangerSeverity } from './danger';
export { GRAVITY, findDangers } from './find-dangers';
