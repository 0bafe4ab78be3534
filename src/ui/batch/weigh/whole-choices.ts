import type { BatchDocument, RecipeLine } from '@/core/document';
import { softness } from '@/core/dough';
import { startFrom, usualPiece, type DoughLine, type Pantry } from '@/core/pantry';
import { counted, eggChoices, packChoices } from '@/core/quantities';
import { mass, packMass } from '../../format/units';

/** One way to come out even with eggs or packs: what it means, what it does to the feel, what is left. */
export type WholeChoice = {
  readonly ingredient: string;
  readonly words: string;
  readonly feel_index: number;
  readonly leftOver_g: number;
  /** How the batch takes it on; null when only the baker's hands change. */
  readonly apply: ((document: BatchDocument) => Pick<BatchDocument, 'recipe'> & Partial<Pick<BatchDocument, 'scale'>>) | null;
};

type Bowl = {
  readonly document: BatchDocument;
  readonly lines: readonly DoughLine[];
  readonly factor: number;
  readonly pantry: Pantry;
  readonly standing_min: number;
  readonly kitchen_c: number;
};

/** Rests of these are not worth a thought: they keep in their pack. */
const KEEPS_IN_ITS_PACK_PCT = 20;
const MOST_PACK_CHOICES = 2;
const WATER = 'water';

/** Whole eggs and whole packs: the choices there are, each with what it costs in feel and leaves over. */
export function wholeChoices(bowl: Bowl): WholeChoice[] {
  return bowl.lines.flatMap((line, i) => {
    const { ingredient, mass_g } = line;
    if (mass_g <= 0) return [];
    const piece = usualPiece(ingredient);
    if (ingredient.category === 'egg' && piece)
      return eggs(bowl, i, sizeOf(bowl.document.recipe.ingredients[i], ingredient.countWeights) ?? piece.mass_g);
    return ingredient.water > KEEPS_IN_ITS_PACK_PCT && ingredient.packs_g.length > 0 ? packs(bowl, i) : [];
  });
}

const sizeOf = ({ size }: RecipeLine, sizes: DoughLine['ingredient']['countWeights']): number | undefined =>
  sizes.find(({ name }) => name === size)?.mass_g;

function feelWith({ lines, standing_min, kitchen_c, pantry }: Bowl, index: number, mass_g: number, liquid_g: number): number {
  const water = pantry.get(WATER);
  const changed = lines.map((line, i) => (i === index ? { ...line, mass_g } : line));
  // Less liquid than there is water cannot be told from here; the sum stays right, as free liquid adds up.
  const poured: DoughLine[] = water && liquid_g > 0 ? [{ ingredient: water, mass_g: liquid_g }] : [];
  const { freeLiquid_g, binding_g } = softness([...changed, ...poured], { standing_min, kitchen_c });
  return (freeLiquid_g + Math.min(0, liquid_g)) / binding_g;
}

function eggs(bowl: Bowl, index: number, each_g: number): WholeChoice[] {
  const { ingredient, mass_g } = bowl.lines[index];
  return eggChoices(mass_g, each_g).flatMap((choice): WholeChoice[] => {
    const count = `${counted(choice.count, 'egg')} of ${packMass(each_g)}`;
    if (choice.kind === 'whole')
      return Math.abs(choice.mass_g - mass_g) < 1
        ? []
        : [
            {
              ingredient: ingredient.id,
              words: `Use ${count} as they are`,
              feel_index: feelWith(bowl, index, choice.mass_g, 0),
              leftOver_g: 0,
              apply: wholeEggs(index, choice.mass_g / bowl.factor, 0),
            },
          ];
    if (choice.kind === 'weigh-beaten')
      return [
        {
          ingredient: ingredient.id,
          words: `Beat ${count}, weigh ${mass(mass_g, 0)}, keep the rest in the fridge for two days at most`,
          feel_index: feelWith(bowl, index, mass_g, 0),
          leftOver_g: choice.leftOver_g,
          apply: null,
        },
      ];
    const liquid = `${mass(Math.abs(choice.liquid_g), 0)} ${choice.liquid_g < 0 ? 'less' : 'more'} water`;
    return [
      {
        ingredient: ingredient.id,
        words: `Use ${count} whole and ${liquid}`,
        feel_index: feelWith(bowl, index, choice.mass_g, choice.liquid_g),
        leftOver_g: 0,
        apply: wholeEggs(index, choice.mass_g / bowl.factor, choice.liquid_g / bowl.factor),
      },
    ];
  });
}

/** Writes whole eggs into the recipe as grams of it, and the other liquid with them. */
const wholeEggs =
  (index: number, egg_g: number, liquid_g: number): NonNullable<WholeChoice['apply']> =>
  ({ recipe }) => {
    const tenth = (mass_g: number): number => Math.round(mass_g * 10) / 10;
    const lines = recipe.ingredients.map((line, i): RecipeLine => {
      if (i === index)
        return { ingredient: line.ingredient, amount: tenth(egg_g), unit: 'g', ...(line.note ? { note: line.note } : {}) };
      return line.ingredient === WATER && line.unit === 'g'
        ? { ...line, amount: Math.max(0, tenth(line.amount + liquid_g)) }
        : line;
    });
    const noWater = !lines.some(({ ingredient, unit }) => ingredient === WATER && unit === 'g');
    const extra: RecipeLine[] = noWater && liquid_g > 0.5 ? [{ ingredient: WATER, amount: tenth(liquid_g), unit: 'g' }] : [];
    return { recipe: { ...recipe, ingredients: [...lines, ...extra] } };
  };

function packs(bowl: Bowl, index: number): WholeChoice[] {
  const { ingredient, mass_g } = bowl.lines[index];
  // Packs hold what one starts from: peel, brine and pips are in them.
  const usable = 1 / startFrom(ingredient, 1);
  return packChoices(startFrom(ingredient, mass_g), ingredient.packs_g)
    .filter(({ factor, leftOver_g }) => factor !== 1 || leftOver_g > 1)
    .slice(0, MOST_PACK_CHOICES)
    .map(({ pack_g, count, factor, leftOver_g }): WholeChoice => {
      const whole = `${counted(count, 'pack')} of ${packMass(pack_g)}`;
      return {
        ingredient: ingredient.id,
        words:
          factor === 1 ? `Open ${whole} and keep the rest` : `Scale the batch ×${factor.toFixed(3)} and use exactly ${whole}`,
        feel_index: feelWith(bowl, index, mass_g, 0),
        leftOver_g: leftOver_g * usable,
        apply:
          factor === 1
            ? null
            : ({ recipe }) => ({
                recipe,
                scale: {
                  by: 'ingredient',
                  ingredient: ingredient.id,
                  amount: Math.round(count * pack_g * usable * 10) / 10,
                  unit: 'g',
                },
              }),
      };
    });
}
