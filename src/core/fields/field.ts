/** What a number measures; each has one canonical unit, in which documents hold it. */
export const CANONICAL_UNITS = {
  length: 'mm',
  area: 'cm²',
  volume: 'ml',
  mass: 'g',
  temperature: '°C',
  'temperature-difference': 'K',
  duration: 'min',
  'short-duration': 's',
  days: 'days',
  share: '%',
  fraction: '',
  ratio: '',
  count: '',
  score: '',
  altitude: 'm',
  power: 'W',
  pressure: 'Pa',
  density: 'g/ml',
  salt: 'mg',
  permeance: 'g/m²·day·kPa at 22 °C',
  money: 'money',
  amount: 'of its unit',
} as const;
export type Quantity = keyof typeof CANONICAL_UNITS;

/** What every field says of itself. */
type Told = {
  /** What it means, in the words of the docs. */
  readonly meaning?: string;
  /** What holds where it is left out, when that is not one value: "as many as fit". */
  readonly usual?: string;
  readonly required?: true;
  /** It is written as another key is, which the docs tell once. */
  readonly like?: string;
};

export type NumberField = Told & {
  readonly kind: 'number';
  readonly quantity: Quantity;
  readonly min: number;
  readonly max: number;
  /** The least value itself is excluded. */
  readonly above?: true;
  readonly whole?: true;
  /** What one press of an arrow key changes. */
  readonly step?: number;
  readonly default?: number;
};
export type ChoiceField = Told & { readonly kind: 'choice'; readonly of: readonly string[]; readonly default?: string };
export type TextField = Told & {
  readonly kind: 'text';
  /** Most characters. */
  readonly max: number;
  /** May be empty. */
  readonly empty?: true;
  /** Spaces at either end stay. */
  readonly untrimmed?: true;
  readonly pattern?: RegExp;
  readonly default?: string;
};
export type FlagField = Told & { readonly kind: 'flag'; readonly default?: boolean };
/** One fixed value, such as a format's name. */
export type ConstantField = Told & { readonly kind: 'constant'; readonly value: string | number };
export type GroupField = Told & {
  readonly kind: 'group';
  readonly fields: Fields;
  /** At most one of these keys may stand. */
  readonly atMostOneOf?: readonly string[];
  /** A required key that one of another list may bring. */
  readonly standsFor?: Readonly<Record<string, string>>;
  /** A key that may stand only beside another. */
  readonly needs?: Readonly<Record<string, string>>;
  /** A number that may be at most what another key says. */
  readonly atMost?: Readonly<Record<string, string>>;
};
export type ListField = Told & { readonly kind: 'list'; readonly of: Field; readonly least?: number; readonly most: number };
/** One of several groups, told apart by what stands under one key. */
export type VariantsField = Told & {
  readonly kind: 'variants';
  readonly by: string;
  readonly of: Readonly<Record<string, Fields>>;
};

export type Field = NumberField | ChoiceField | TextField | FlagField | ConstantField | GroupField | ListField | VariantsField;
export type Fields = { readonly [key: string]: Field };

type NumberOptions = Omit<NumberField, 'kind' | 'quantity' | 'min' | 'max'>;
type OptionsOf<F extends Field, Given extends string> = Omit<F, 'kind' | Given>;

/** A number of a quantity between two limits. */
export const number = <const Q extends Quantity, const O extends NumberOptions>(
  quantity: Q,
  [min, max]: readonly [min: number, max: number],
  options?: O,
): { kind: 'number'; quantity: Q; min: number; max: number } & O => ({ kind: 'number', quantity, min, max, ...(options as O) });

/** A whole number of things. */
export const count = <const O extends NumberOptions>(
  limits: readonly [min: number, max: number],
  options?: O,
): { kind: 'number'; quantity: 'count'; min: number; max: number; whole: true } & O => ({
  ...number('count', limits, options),
  whole: true,
});

export const choice = <const C extends readonly string[], const O extends OptionsOf<ChoiceField, 'of'>>(
  of: C,
  options?: O,
): { kind: 'choice'; of: C } & O => ({ kind: 'choice', of, ...(options as O) });

/** Up to so many characters; spaces at either end and an empty text are mistakes. */
export const text = <const O extends OptionsOf<TextField, 'max'>>(
  max: number,
  options?: O,
): { kind: 'text'; max: number } & O => ({ kind: 'text', max, ...(options as O) });

export const flag = <const O extends OptionsOf<FlagField, never>>(options?: O): { kind: 'flag' } & O => ({
  kind: 'flag',
  ...(options as O),
});

export const constant = <const V extends string | number>(value: V): { kind: 'constant'; value: V; required: true } => ({
  kind: 'constant',
  value,
  required: true,
});

export const group = <const F extends Fields, const O extends OptionsOf<GroupField, 'fields'>>(
  fields: F,
  options?: O,
): { kind: 'group'; fields: F } & O => ({ kind: 'group', fields, ...(options as O) });

export const list = <const F extends Field, const O extends OptionsOf<ListField, 'of'>>(
  of: F,
  options: O,
): { kind: 'list'; of: F } & O => ({ kind: 'list', of, ...options });

export const variants = <const B extends string, const V extends Readonly<Record<string, Fields>>, const O extends Told>(
  by: B,
  of: V,
  options?: O,
): { kind: 'variants'; by: B; of: V } & O => ({ kind: 'variants', by, of, ...(options as O) });
