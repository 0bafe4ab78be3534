import { succeed, type Result } from '../failure';
import { slicedOffBy } from '../catalogue';
import type { PriceList } from '../costing';
import { scaleComposition, type DoughLine, type Measuring, type Pantry } from '../pantry';
import { isVolumeUnit, type CupFill } from '../quantities';
import type { LayoutProgress } from '../shaping';
import { Assumptions } from '../fields';
import { type BatchDocument } from '../document';
import { shelvesOf } from '../programme';
import {
  bakedBy,
  doughMaterial,
  type DoughMaterial,
  knownDough,
  rememberDough,
  scaleFactor,
  type KnownDough,
  type ScaleBasis,
  onItsTray,
  advised,
  knownYield,
  mixtureOf,
  nominalThickness,
  planShape,
  rememberYield,
  yieldInSteps,
  type KnownYield,
  type ShapePlan,
  type Substance,
  intoTheBowl,
  onlyDough,
  weighRecipe,
} from '../yield';

/** What a kitchen brings to every prediction: the ingredients it knows and what it pays for them. */
export type Kitchen = { readonly pantry: Pantry; readonly prices?: PriceList };

/** A batch up to the moment at which its dough is shaped. */
export type Prepared = {
  readonly assumed: Assumptions;
  readonly plan: ShapePlan;
  /** What is in the bowl, and what was planned to be. */
  readonly lines: readonly DoughLine[];
  readonly planned: readonly DoughLine[];
  /** Every line as it is written, those of other parts too. */
  readonly written: readonly DoughLine[];
  readonly dough: DoughMaterial;
  readonly substance: Substance;
  readonly factor: number;
  readonly basis: ScaleBasis;
};

/** Weighs the recipe, scales it and works out its dough. */
export function prepare(document: BatchDocument, kitchen: Kitchen, effort: 'full' | 'light' | 'quick'): Result<Prepared> {
  const assumed = new Assumptions();
  const fill = document.recipe.ingredients.some(({ unit }) => isVolumeUnit(unit))
    ? assumed.or<CupFill>(document.kitchen?.cup_fill, 'kitchen.cup_fill', 'unknown')
    : 'unknown';
  const asItComes = weighRecipe(document.recipe, kitchen.pantry, fill);
  if (!asItComes.ok) return asItComes;
  // What slicing peels or cores is weighed and bought whole.
  const slicedOff = slicedOffBy(document.shape);
  const weighed = slicedOff
    ? asItComes.value.map((line) => ({ ...line, ingredient: { ...line.ingredient, slicedOff } }))
    : asItComes.value;
  const written = onlyDough(document.recipe, weighed);
  const plan = planShape(onItsTray(document), document.kitchen, assumed);
  if (!plan.ok) return plan;
  const baked = bakedBy(document.heat);
  const piece = { mixture: mixtureOf(plan.value), thickness_mm: nominalThickness(plan.value) };
  const asWritten = doughMaterial(written, piece, baked);
  const owned = 'owned' in plan.value ? plan.value.owned : Infinity;
  const basis: ScaleBasis = {
    lines: written,
    plan: plan.value,
    substance: substanceOf(asWritten),
    quick: effort === 'quick',
    traysPerLoad: Math.min(shelvesOf(document.heat.appliance), owned),
    measuring: measuringOf(document),
  };
  const factor = scaleFactor(document.scale, basis);
  if (!factor.ok) return factor;
  const { planned, lines } = intoTheBowl(document.recipe, written, factor.value);
  // As planned, the dough is the written one, more of it; only a bowl that was weighed differently is another dough.
  const asPlanned = lines.every((line, i) => line === planned[i]);
  const dough = asPlanned
    ? { ...asWritten, composition: scaleComposition(asWritten.composition, factor.value) }
    : doughMaterial(lines, piece, baked);
  return succeed({
    assumed,
    plan: plan.value,
    lines,
    planned,
    written: weighed,
    dough,
    substance: substanceOf(dough),
    factor: factor.value,
    basis,
  });
}

/** The dough of a batch alone; null where the document is wrong. */
export function doughOf(document: BatchDocument, kitchen: Kitchen): DoughMaterial | null {
  const prepared = prepare(document, kitchen, 'quick');
  return prepared.ok ? prepared.value.dough : null;
}

const substanceOf = ({ material }: DoughMaterial): Substance => ({
  g_per_ml: material.raw_kg_per_m3 / 1000,
  rise: material.food.rise,
});

/** How the recipe's own line of an ingredient is measured. */
export const measuringOf =
  ({ recipe, kitchen }: BatchDocument) =>
  (id: string): Measuring => ({
    fill: kitchen?.cup_fill,
    size: recipe.ingredients.find(({ ingredient }) => ingredient === id)?.size,
  });

/** What a search found, as plain data that can be handed to another worker. */
export type Found = { readonly yield: KnownYield | null; readonly dough: KnownDough | null };

/**
 * Searches a batch's layout in small steps, so that a predict after it finds it done.
 *
 * @returns what was found; null where there was nothing to search or the document is wrong
 */
export function* searchLayout(document: BatchDocument, kitchen: Kitchen): Generator<LayoutProgress, Found | null> {
  const prepared = prepare(document, kitchen, 'full');
  if (!prepared.ok) return null;
  const { plan, dough, substance, basis } = prepared.value;
  const out = yield* yieldInSteps(plan, dough.composition.mass_g, substance);
  if (!out.ok || plan.method !== 'roll-and-cut') return null;
  advised(plan, dough.composition.mass_g, substance);
  return { yield: knownYield(plan, dough.composition.mass_g, substance), dough: knownDough(document.scale, basis) };
}

/** Takes over what another worker found: the next quick prediction knows it. */
export function primeCache(found: Found): void {
  if (found.yield) rememberYield(found.yield);
  if (found.dough) rememberDough(found.dough);
}
