import { G_PER_MASS_UNIT, isMassUnit, type Unit } from '@/core/quantities';
import { findIngredient, type Pantry } from '@/core/pantry';
import { readAmount, type Amount } from './amount';
import { readMeasure, startsWithContainer, volumeMl, type Filled, type Measures, type ReadUnit } from './measure';

/** A weight on a label: "(400 g)", "400g tin", "(15 oz)". */
const LABEL =
  /^\(?\s*(?:each |about |approx\.? |drained weight |net )*(\d+(?:[.,]\d+)?)[ -]?(kg|g|grams?|oz|ounces?|lb|ml|l)\b\.?\s*(drained)?\s*\)?/i;
const LABEL_UNITS = new Map<string, Unit>(
  Object.entries({
    kg: 'kg',
    g: 'g',
    gram: 'g',
    grams: 'g',
    oz: 'oz',
    ounce: 'oz',
    ounces: 'oz',
    lb: 'lb',
    ml: 'ml',
    l: 'l',
  }),
);
/** What stands in brackets. */
export const BRACKETS = /\(([^()]*)\)/g;

/** A listed weight in a mass unit. */
export const isMass = (unit: ReadUnit): unit is keyof typeof G_PER_MASS_UNIT => isMassUnit(unit as Unit);

export type Quantity = {
  readonly unit: ReadUnit | null;
  readonly times: number;
  readonly container: string | null;
  readonly size: string | null;
  /** Weight or volume of one, as the label says. */
  readonly label: { readonly amount: number; readonly unit: Unit; readonly drained: boolean } | null;
  /** More of the same in another measure: "1 cup plus 2 tbsp". */
  readonly plus: { readonly amount: number; readonly unit: ReadUnit; readonly times: number } | null;
  /** How the measure is filled, as far as the words say it; and how many level ones that is. */
  readonly filled: Filled;
  readonly name: string;
};

/** The measure, the label and the name that follow an amount. */
export function quantityOf(rest: string, measures: Measures): Quantity {
  const before = labelAt(rest.replace(/^x\s*/i, ''));
  // "2 x 400 g tins", "1 400g can", "1 (15 oz) can": the label stands before the container.
  if (before && (/^\(/.test(rest) || /^x\s/i.test(rest) || readMeasure(before.rest, measures).container)) {
    const inside = readMeasure(before.rest, measures);
    return {
      unit: null,
      times: 1,
      container: inside.container,
      size: inside.size,
      label: before.label,
      plus: null,
      filled: inside.filled,
      name: inside.rest,
    };
  }
  const { measure, container, size, filled, rest: after } = readMeasure(rest, measures);
  const more = /^(?:plus|\+|and|&)\s+/i.exec(after) ?? (measure && isMass(measure.unit) && /^\d/.test(after) ? [''] : null);
  const extra = more ? readAmount(after.slice(more[0].length)) : null;
  const extraMeasure = extra ? readMeasure(extra.rest, measures) : null;
  const plus =
    measure && extra && extraMeasure?.measure
      ? { amount: extra.amount, unit: extraMeasure.measure.unit, times: extraMeasure.measure.times }
      : null;
  const tail = withoutSecondMeasure(plus && extraMeasure ? extraMeasure.rest : after, measures);
  const label = labelAt(tail);
  return {
    unit: measure?.unit ?? null,
    times: measure?.times ?? 1,
    container,
    size,
    label: label?.label ?? labelInside(tail) ?? labelLast(tail, container),
    plus,
    filled,
    name: (label?.rest ?? tail).replace(/^of\b\s*/i, ''),
  };
}

/** "250 ml / 1 cup milk": the first measure counts. */
function withoutSecondMeasure(text: string, measures: Measures): string {
  const slash = /^(?:\/|or)\s*(?=[\d½¼¾⅓⅔])/.exec(text);
  const second = slash ? readAmount(text.slice(slash[0].length)) : null;
  const measure = second ? readMeasure(second.rest, measures) : null;
  return measure?.measure ? measure.rest : text;
}

function labelAt(text: string): { label: NonNullable<Quantity['label']>; rest: string } | null {
  const found = LABEL.exec(text);
  if (!found || (text.startsWith('(') && !found[0].includes(')'))) return null;
  const unit = LABEL_UNITS.get(found[2].toLowerCase());
  if (!unit) return null;
  return {
    label: {
      amount: Number(found[1].replace(',', '.')),
      unit,
      drained: Boolean(found[3]),
    },
    rest: text
      .slice(found[0].length)
      .trimStart()
      .replace(/^of\b\s*/i, ''),
  };
}

/** A weight in brackets further on: "1 tin mackerel (125 g)". */
function labelInside(text: string): Quantity['label'] {
  for (const [, inside] of text.matchAll(BRACKETS)) {
    const label = labelAt(inside);
    if (label) return label.label;
  }
  return null;
}

/** "1 tin, 120 g": the weight stands last. */
function labelLast(text: string, container: string | null): Quantity['label'] {
  const found =
    container === null ? null : /[,-]\s*(?:about\s+)?(\d[\d.,]*\s?(?:kg|g|oz|ml))\b(?:\s*(?:each|drained))?\s*$/i.exec(text);
  return found ? (labelAt(found[1])?.label ?? null) : null;
}

/** What "plus 2 tbsp" adds, in the unit of the first measure. */
export function moreOfTheSame({ unit, plus }: Quantity): number {
  if (!unit || !plus) return 0;
  const amount = plus.amount * plus.times;
  if (isMass(unit) && isMass(plus.unit)) return (amount * G_PER_MASS_UNIT[plus.unit]) / G_PER_MASS_UNIT[unit];
  const [first_ml, more_ml] = [volumeMl(1, unit), volumeMl(amount, plus.unit)];
  return first_ml && more_ml ? more_ml / first_ml : 0;
}

/** "400 g tin of pumpkin" is one tin. */
export function labelledOne(text: string): Amount | null {
  const label = LABEL.exec(text);
  return label && !text.startsWith('(') && startsWithContainer(text.slice(label[0].length).trimStart())
    ? { amount: 1, rest: text }
    : null;
}

const AT_THE_END: ReadonlyArray<{ readonly pattern: RegExp; readonly needsUnit: boolean }> = [
  // "Eggs x 2"
  { pattern: /^(.*?[a-z])\s*[x×]\s*(\d+)$/i, needsUnit: false },
  // "Flour, wholemeal - 300 g", "Eggs: 3"
  {
    pattern: /^(.*?[^\d\s/.,:–=-])\s*(?:[:=]|\s[–-]|[–-]\s)\s*((?:about |approx\.? )?\d[\d.,/ -]*\s*[a-z. ]{0,14})$/i,
    needsUnit: false,
  },
  // "oats 1 cup"; but "Rusks no. 2" is a name
  { pattern: /^(.*?[^\d\s/.,-])\s+((?:about |approx\.? )?\d[\d.,/ -]*\s*[a-z. ]{1,14})$/i, needsUnit: true },
];

/** The amount stands last, or in brackets behind the name. */
export function amountAtTheEnd(text: string): Amount | null {
  // What stands in brackets last may be the kind: "Flour 350 g (wholemeal)".
  const bracketed = /\s*\((?!\s*\d)[^()]*\)\s*$/.exec(text)?.[0] ?? '';
  const bare = text.slice(0, text.length - bracketed.length);
  const inside = { found: /^([^()\d]+)\(\s*(\d[^()]*)\)$/.exec(bare), needsUnit: false };
  for (const { found, needsUnit } of [inside, ...AT_THE_END.map((one) => ({ ...one, found: one.pattern.exec(bare) }))]) {
    const amount = found ? readAmount(found[2]) : null;
    if (!found || !amount) continue;
    const { measure, container } = readMeasure(amount.rest, 'us');
    if (needsUnit && !measure && !container) continue;
    return { ...amount, rest: `${amount.rest} ${found[1].replace(/[\s:,-]+$/, '')}${bracketed}`.trim() };
  }
  return null;
}

/** The amount stands in the middle: "Beetroot 150 g raw, grated", "Duck breast (skin removed) 800g"; only behind the name of a food. */
export function amountInside(text: string, pantry: Pantry): Amount | null {
  const found = /^([^\d:;.]{3,50}?)\s*[-–,]?\s*((?:about |approx\.? )?(?:\d|a (?:pinch|handful|bunch|splash)\b).*)$/i.exec(text);
  if (!found || !findIngredient(found[1], pantry).row) return null;
  const amount = readAmount(found[2]);
  if (!amount) return null;
  const { measure, container, rest } = readMeasure(amount.rest, 'us');
  if (!measure && !container) return null;
  const handled = rest.replace(/^[\s,;.-]+/, '');
  const unit = amount.rest.slice(0, amount.rest.length - rest.length).trim();
  return { ...amount, rest: `${unit} ${found[1].replace(/[\s:,-]+$/, '')}${handled === '' ? '' : `, ${handled}`}`.trim() };
}
