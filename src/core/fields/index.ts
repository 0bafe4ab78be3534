export { Assumptions } from './assumptions';
export { fieldAt } from './field-at';
export { CANONICAL_UNITS, choice, constant, count, flag, group, list, number, text, variants } from './field';
export type { Field, Fields, GroupField, NumberField, Quantity, TextField, VariantsField } from './field';
export type { ValueOf, VariantOf } from './value-of';
