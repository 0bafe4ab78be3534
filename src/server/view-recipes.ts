import { predict } from '@/core/batch';
import { succeed, type Result } from '@/core/failure';
import { compose, type DoughLine, type Pantry } from '@/core/pantry';
import { maybeOpenBatch } from '@/db/batches';
import { recipesOf, type RecipeRow } from '@/db/recipes';
import { loadPantry } from './pantry';
import { kitchenOf } from './view-kitchen';
import { withDatabase } from './with-database';

/** Shares of a dough by mass, for the composition bar [%]. */
export type DoughShares = {
  readonly water: number;
  readonly starch: number;
  readonly protein: number;
  readonly fat: number;
  readonly sugars: number;
  readonly fibre: number;
  readonly ash: number;
};

export type RecipeView = {
  readonly id: string;
  readonly name: string;
  readonly method: string;
  readonly summary: string;
  readonly ingredients: readonly string[];
  readonly dough_g: number;
  readonly feel: string;
  readonly feel_index: number;
  readonly pieces: number;
  readonly minutes: number;
  readonly texture: string;
  readonly allergens: readonly string[];
  readonly shares: DoughShares;
};

export type RecipesView = {
  readonly kitchen: string;
  readonly recipes: readonly RecipeView[];
  /** The planned batch changed last, to carry on with. */
  readonly open: { readonly id: string; readonly name: string } | null;
};

/** The recipe book, each recipe with what its dough is and becomes. */
export const viewRecipes = (): Promise<Result<RecipesView>> =>
  withDatabase(async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const pantry = await loadPantry(db);
    const recipes: RecipeView[] = [];
    for (const row of await recipesOf(db, kitchen.value.id)) {
      const view = viewOf(row, pantry);
      if (view.ok) recipes.push(view.value);
    }
    const open = await maybeOpenBatch(db, kitchen.value.id);
    const planned = open?.baked_on === null ? open : null;
    return succeed({ kitchen: kitchen.value.name, recipes, open: planned ? { id: planned.id, name: planned.name } : null });
  });

function viewOf(row: RecipeRow, pantry: Pantry): Result<RecipeView> {
  const worked = predict(row.document, { pantry });
  if (!worked.ok) return worked;
  const { prediction, lines } = worked.value;
  return succeed({
    id: row.id,
    name: row.name,
    method: row.method,
    summary: row.summary,
    ingredients: lines.map(({ ingredient }) => ingredient.name),
    dough_g: prediction.dough.mass_g,
    feel: prediction.dough.feel,
    feel_index: prediction.dough.feel_index,
    pieces: prediction.yield.pieces,
    minutes: prediction.heat.minutes,
    texture: prediction.outcome.texture,
    allergens: [...new Set(lines.flatMap(({ ingredient }) => ingredient.allergen.split('/')).filter(Boolean))],
    shares: sharesOf(lines),
  });
}

function sharesOf(lines: readonly DoughLine[]): DoughShares {
  const sum = compose(lines);
  const pct = (mass_g: number): number => (100 * mass_g) / sum.mass_g;
  return {
    water: pct(sum.water_g),
    starch: pct(sum.starch_g),
    protein: pct(sum.protein_g),
    fat: pct(sum.fat_g),
    sugars: pct(sum.sugars_g + sum.polyol_g),
    fibre: pct(sum.fibre_g + sum.otherCarb_g),
    ash: pct(sum.ash_g),
  };
}
