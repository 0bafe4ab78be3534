import { F_PER_K, G_PER_MASS_UNIT, celsius, fahrenheit, volumeOf } from '../quantities';
import { M_PER_FOOT, inches, inchesOf, mmOfInches } from './inches';
import type { Reader } from './reader';

/** How a number of a canonical unit stands in a reader's field. */
export type FieldUnit = {
  /** As it stands behind the field. */
  readonly unit: string;
  /** What is typed is read as one of these, where that is not the unit behind the field. */
  readonly typedIn?: string;
  readonly shown: (value: number) => number;
  readonly canonical: (shown: number) => number;
  /** As it stands in the field. */
  readonly text: (shown: number) => string;
  /** What an arrow key adds, where the canonical step is no round number in this unit. */
  readonly step?: number;
};

const text = (value: number): string => String(Math.round(value * 1000) / 1000);
const same = (unit: string): FieldUnit => ({ unit, shown: (value) => value, canonical: (value) => value, text });
const kept = (value: number, digits: number): number => Number(value.toFixed(digits));
/** @param digits - that stand in the field, and that are kept of what was typed */
const times = (
  unit: string,
  canonicalPerOne: number,
  digits: { readonly shown: number; readonly kept: number },
  step: number,
): FieldUnit => ({
  unit,
  shown: (value) => value / canonicalPerOne,
  canonical: (value) => kept(value * canonicalPerOne, digits.kept),
  text: (value) => String(kept(value, digits.shown)),
  step,
});

const ML_PER_FL_OZ = volumeOf(1, 'fl-oz-us');
const CM2_PER_IN2 = (mmOfInches(1) / 10) ** 2;

const FAHRENHEIT: FieldUnit = {
  unit: '°F',
  shown: fahrenheit,
  canonical: (value) => kept(celsius(value), 1),
  text: (value) => String(kept(value, 0)),
  step: 5,
};
const INCHES: FieldUnit = {
  unit: 'in',
  shown: inchesOf,
  canonical: (value) => kept(mmOfInches(value), 2),
  text: (value) => inches(mmOfInches(value)),
  step: 1 / 16,
};

/** A difference: nobody types another scale's. */
const warmerBy = (reader: Reader): FieldUnit =>
  reader.heat === 'f' ? { ...times('°F', 1 / F_PER_K, { shown: 0, kept: 1 }, 1), typedIn: 'K' } : { ...same('°C'), typedIn: 'K' };

/** Every canonical unit that somebody may read otherwise, and who does. */
const OTHERWISE: Readonly<Record<string, (reader: Reader) => FieldUnit | null>> = {
  '°C': ({ heat }) => (heat === 'f' ? FAHRENHEIT : null),
  K: warmerBy,
  mm: ({ length }) => (length === 'in' ? INCHES : null),
  m: ({ length }) => (length === 'in' ? times('ft', M_PER_FOOT, { shown: 0, kept: 0 }, 50) : null),
  'cm²': ({ length }) => (length === 'in' ? times('in²', CM2_PER_IN2, { shown: 1, kept: 1 }, 1) : null),
  g: ({ mass }) => (mass === 'oz' ? times('oz', G_PER_MASS_UNIT.oz, { shown: 2, kept: 2 }, 0.25) : null),
  kg: ({ mass }) => (mass === 'oz' ? times('lb', G_PER_MASS_UNIT.lb / 1000, { shown: 1, kept: 3 }, 1) : null),
  ml: ({ mass }) => (mass === 'oz' ? times('fl oz', ML_PER_FL_OZ, { shown: 1, kept: 1 }, 1) : null),
};

/** The reader's unit for a field of a canonical unit; words behind the unit stay: "mm wide" is "in wide". */
export function fieldUnit(reader: Reader, unit: string): FieldUnit {
  const [first, ...words] = unit.trim().split(/ +/);
  const other = OTHERWISE[first]?.(reader) ?? null;
  return other === null ? same(unit) : { ...other, unit: [other.unit, ...words].join(' ') };
}
