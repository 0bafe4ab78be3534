export { METRIC_READER, READINGS, US_READER, readerOf, usualReader, readerWord } from './reader';
export type { Reader } from './reader';
export {
  bareHeatIn,
  bareLengthIn,
  bodyMassIn,
  fineLengthIn,
  heatIn,
  heatUnit,
  lengthIn,
  massIn,
  volumeIn,
  warmerIn,
} from './measures';
export { clockIn, clockTyped, dayIn, dayOfYearIn, weekIn } from './dates';
export { fieldUnit } from './field-unit';
export type { FieldUnit } from './field-unit';
export { sentenceIn } from './sentence';
