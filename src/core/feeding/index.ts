export { analyse } from './analysis';
export { screen } from './screen';
export type { Dog, DogVerdict, Screening } from './screen';
