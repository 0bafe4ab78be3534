import { usualPiece, weighIngredient, type Ingredient } from '@/core/pantry';
import { G_PER_MASS_UNIT, massOfVolume, type CupFill, type Unit } from '@/core/quantities';
import { volumeMl, type ReadUnit, type ReadingHabits } from './measure';
import { isPuree } from './name';
import { isMass, moreOfTheSame, type Quantity } from './quantity';

/** Puree of a thing that the pantry has only raw lies closer in a cup than its gratings do [g/mL]. Source: ours, cooked roots. */
const PUREE_G_PER_ML = 1.02;
/** Nothing else is in the bowl of these: what a listed weight and a listed volume may differ by [1]. Source: ours, widest cup. */
const LISTED_DIFFER = 0.35;

type Weight = {
  readonly grams: number | null;
  readonly unit: ReadUnit | null;
  readonly size?: string;
  readonly question: string | null;
};

/** What the line weighs: by its label, its measure, or the weight of one. */
export function weigh(row: Ingredient | null, amount: number, parts: Quantity, habits: ReadingHabits): Weight {
  const { unit, label, container, name } = parts;
  if (unit === null) return label ? byLabel(row, amount, parts) : byCount(row, amount, parts, habits);
  const { filled } = parts;
  const written = amount * parts.times * filled.times + moreOfTheSame(parts);
  const grams = massOf(row, written, unit, filled.fill ?? habits.fill, isPuree(name));
  if (label && isMass(label.unit) && container === null && !isMass(unit)) {
    const listed_g = label.amount * G_PER_MASS_UNIT[label.unit];
    const far = grams !== null && Math.abs(grams / listed_g - 1) > LISTED_DIFFER;
    return {
      grams: listed_g,
      unit,
      question: far
        ? `The listed ${label.amount} ${label.unit} and the listed measure (about ${Math.round(grams)} g) do not agree. The weight is taken. Is it right?`
        : null,
    };
  }
  return { grams, unit, question: grams === null && row ? `How much does it weigh? There is no density for ${row.name}.` : null };
}

// oxlint-disable-next-line max-params -- older than the rule
function massOf(row: Ingredient | null, amount: number, unit: ReadUnit, fill: CupFill, puree: boolean): number | null {
  if (isMass(unit)) return amount * G_PER_MASS_UNIT[unit];
  const volume_ml = volumeMl(amount, unit);
  if (!row || volume_ml === null) return null;
  if (puree && row.bulkPacked_g_per_ml < PUREE_G_PER_ML * 0.9) return volume_ml * PUREE_G_PER_ML;
  const density = { spooned_g_per_ml: row.bulkSpooned_g_per_ml, packed_g_per_ml: row.bulkPacked_g_per_ml };
  return massOfVolume(volume_ml, density, fill).mass_g;
}

/** So many tins, each as its label says. */
function byLabel(row: Ingredient | null, amount: number, { label, container }: Quantity): Weight {
  if (!label) return { grams: null, unit: null, question: null };
  const one_g = massOf(row, label.amount, label.unit, 'unknown', false);
  const unit: Unit = container ? 'pack' : 'each';
  if (one_g === null) return { grams: null, unit, question: 'How much is in it? Give the weight in grams.' };
  if (container === null && isTotal(row, amount, one_g)) return { grams: one_g, unit: null, question: null };
  const drains = row?.name.includes('drained') && container && !label.drained;
  return {
    grams: amount * one_g,
    unit,
    question: drains
      ? `Is ${label.amount} ${label.unit} what is in the tin, or what is left when drained? The drained weight counts.`
      : null,
  };
}

/** "1/4 melon (300 g)": a weight behind things that are counted is of all of them, unless one of them weighs about that. */
function isTotal(row: Ingredient | null, amount: number, listed_g: number): boolean {
  const usual_g = row ? usualPiece(row)?.mass_g : undefined;
  if (amount === 1 || usual_g === undefined) return true;
  return Math.abs(Math.log(listed_g / (usual_g * amount))) <= Math.abs(Math.log(listed_g / usual_g));
}

/** So many eggs, tins or cloves, as the pantry row weighs one. */
function byCount(row: Ingredient | null, amount: number, { container, size }: Quantity, { sizes }: ReadingHabits): Weight {
  const unit: Unit = container ? 'pack' : 'each';
  if (!row) return { grams: null, unit, question: null };
  const one = pieceOf(row, container, size, sizes);
  if (one) {
    const usual = one.name === usualPiece(row)?.name;
    const unknownSize = size !== null && !container && usual && !one.name.includes(SAME_SIZE.get(size) ?? size);
    return {
      grams: amount * one.mass_g,
      unit: 'each',
      ...(usual ? {} : { size: one.name }),
      question: unknownSize ? `How heavy is a ${size} one? It is taken as ${one.mass_g} g, a ${one.name}.` : null,
    };
  }
  if (container && row.packs_g.length > 0 && CONTAINS.has(container)) {
    const pack = weighIngredient(row, amount, 'pack');
    const [usual_g] = row.packs_g;
    return {
      grams: pack.ok ? pack.value.mass_g : null,
      unit: 'pack',
      question: `How much is in one ${container}? It is taken as ${usual_g} g.`,
    };
  }
  const what = container ? `one ${container} of ${row.name.toLowerCase()}` : `one ${row.name.toLowerCase()}`;
  return { grams: null, unit: null, question: `How much is ${what}? Give the weight in grams or a cup.` };
}

const CONTAINS = new Set([
  'tin',
  'can',
  'jar',
  'packet',
  'package',
  'pack',
  'pkg',
  'pouch',
  'tub',
  'pot',
  'carton',
  'bag',
  'box',
  'bottle',
  'block',
  'stick',
  'sachet',
  'envelope',
]);
const SAME_CONTAINER = new Map<string, string>(
  Object.entries({ tin: 'can', envelope: 'sachet', packet: 'sachet', slice: 'rasher' }),
);
const SAME_SIZE = new Map<string, string>(
  Object.entries({
    'very large': 'extra large',
    xl: 'extra large',
    'x-large': 'extra large',
    xlarge: 'extra large',
    'extra-large': 'extra large',
    big: 'large',
    little: 'small',
  }),
);

/** The weight the row gives for one of this container or size. */
function pieceOf(
  row: Ingredient,
  container: string | null,
  size: string | null,
  sizes: 'UK' | 'US',
): Ingredient['countWeights'][number] | undefined {
  const { countWeights } = row;
  if (container) {
    const wanted = SAME_CONTAINER.get(container) ?? container;
    return countWeights.find(({ name }) => name.split(' ').includes(wanted) || name.split(' ').includes(container));
  }
  if (countWeights.some(({ name }) => CONTAINS.has(name.split(' ')[0]))) return undefined;
  if (!size) return usualPiece(row);
  const wanted = SAME_SIZE.get(size) ?? size;
  const here = countWeights.filter(({ name }) => !/^(UK|US) /.test(name) || name.startsWith(sizes));
  const plain = (name: string): string =>
    name
      .replace(/^(UK|US) /, '')
      .replace('very large', 'extra large')
      .replace(' cooked', '');
  return here.find(({ name }) => plain(name) === wanted) ?? (here.length === 1 ? here[0] : usualPiece(row));
}
