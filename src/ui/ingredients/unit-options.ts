import type { RecipeLine } from '@/core/document';
import { weighIngredient, type Ingredient } from '@/core/pantry';
import type { CupFill, Unit } from '@/core/quantities';
import { packMass } from '../format/units';

/** A unit to choose, with its size where one of a thing comes in several. */
export type UnitOption = { readonly value: string; readonly name: string; readonly unit: Unit; readonly size?: string };

const UNIT_NAMES: Readonly<Record<Unit, string>> = {
  g: 'g',
  kg: 'kg',
  oz: 'oz',
  lb: 'lb',
  ml: 'ml',
  l: 'l',
  tsp: 'tsp',
  tbsp: 'tbsp',
  'cup-us': 'US cups',
  'cup-metric': 'metric cups',
  'cup-uk': 'UK cups',
  'fl-oz-us': 'US fl oz',
  'fl-oz-uk': 'UK fl oz',
  'pint-us': 'US pints',
  'pint-uk': 'UK pints',
  each: 'of them',
  pack: 'packs',
};
const MASSES: readonly Unit[] = ['g', 'kg', 'oz', 'lb'];
const VOLUMES: readonly Unit[] = [
  'ml',
  'l',
  'tsp',
  'tbsp',
  'cup-metric',
  'cup-us',
  'cup-uk',
  'fl-oz-uk',
  'fl-oz-us',
  'pint-uk',
  'pint-us',
];

/** Unit and size of a line as one value, for a list to choose from. */
export const optionOf = ({ unit, size }: Pick<RecipeLine, 'unit' | 'size'>): string =>
  size === undefined ? unit : `${unit}|${size}`;

/** A unit in words. */
export const unitName = ({ unit, size }: Pick<RecipeLine, 'unit' | 'size'>): string => (size ? `× ${size}` : UNIT_NAMES[unit]);

/** The units in which an ingredient can be measured: by piece only what has a weight for one. */
export function unitOptions(row: Ingredient | undefined): UnitOption[] {
  const plain = (unit: Unit): UnitOption => ({ value: unit, name: UNIT_NAMES[unit], unit });
  const counted = (row?.countWeights ?? []).map(({ name, mass_g }): UnitOption => ({
    value: `each|${name}`,
    name: `× ${name} (${packMass(mass_g)})`,
    unit: 'each',
    size: name,
  }));
  const packs = row && row.packs_g.length > 0 ? [{ ...plain('pack'), name: `packs (${packMass(row.packs_g[0])})` }] : [];
  return [...MASSES.map(plain), ...(counted.length > 0 ? [plain('each'), ...counted] : []), ...packs, ...VOLUMES.map(plain)];
}

/** Amounts read best with no more digits than one can measure [significant digits]. */
const DIGITS = 3;

/** The same mass of an ingredient in another unit; the line stays as it is where that cannot be told. */
export function inUnit(line: RecipeLine, row: Ingredient | undefined, { unit, size }: UnitOption, fill: CupFill): RecipeLine {
  if (!row) return line;
  const { size: _old, ...rest } = line;
  const next: RecipeLine = { ...rest, unit, ...(size === undefined ? {} : { size }) };
  const now = weighIngredient(row, line.amount, line.unit, { fill, size: line.size });
  const one = weighIngredient(row, 1, unit, { fill, size });
  if (!now.ok || !one.ok || one.value.mass_g <= 0) return line;
  const amount = now.value.mass_g / one.value.mass_g;
  return { ...next, amount: amount === 0 ? 0 : Number(amount.toPrecision(unit === 'g' || unit === 'ml' ? DIGITS + 1 : DIGITS)) };
}
