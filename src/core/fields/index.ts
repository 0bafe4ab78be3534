export { Assumptions } from './assumptions';
export { CANONICAL_UNITS, choice, constant, count, flag, group, list, number, text, variants } from './field';
export type {
  ChoiceField,
  Field,
  Fields,
  FlagField,
  GroupField,
  ListField,
  NumberField,
  Quantity,
  TextField,
  VariantsField,
} from './field';
export type { ValueOf, ValuesOf, VariantOf } from './value-of';
