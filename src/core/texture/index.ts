export { coolingFeel, criticalAw } from './crispness';
export type { CoolingFeel } from './crispness';
export { textureOf } from './texture';
