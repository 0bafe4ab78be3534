export { analyse } from './analysis';
export type { Analysis } from './analysis';
