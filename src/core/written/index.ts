export { FIGURE, NUMBER, NUMBER_WORD, TO, middle, numberOf } from './number';
export type { Span } from './number';
export { findDurations } from './duration';
export { findTemperatures, temperatureOf } from './temperature';
export type { TemperatureSpan } from './temperature';
export { findLengths } from './length';
export type { LengthSpan } from './length';
export { typedExamples, typedNumber } from './typed';
