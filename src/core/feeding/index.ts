export { analyse } from './analysis';
