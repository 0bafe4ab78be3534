export { firstBake } from './first-bake';
export { firstTrays } from './first-trays';
export type { FirstTrays } from './first-trays';
