export { portionsOf } from '@/core/prediction';
