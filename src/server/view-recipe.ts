import type { KitchenCosts } from '@/core/outcomes';
import type { RecipeView } from '@/contract/recipes';
import { recipeWords, type BatchDocument } from '@/core/document';
import type { Kitchen } from '@/core/prediction';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { screen, type Dog, type Screening } from '@/core/feeding';
import type { Ingredient } from '@/core/pantry';
import type { Queryable } from '@/db/client';
import { dogsOf } from '@/db/dogs';
import type { HabitsRow, KitchenRow } from '@/db/kitchen';
import { maybeRecipe, versionsOf } from '@/db/recipes';
import { loadIngredients, loadPrices, pantryOf } from './pantry';
import { computeResult } from './compute/compute';
import { kitchenOf } from './view-kitchen';
import { linesOf, recipeView } from './view-recipes';
import { withDatabase } from './with-database';

/** What a kitchen pays, as it crosses to a page. */
export type PlainPrices = {
  readonly currency: string;
  readonly prices: ReadonlyArray<readonly [string, { readonly pack_g: number; readonly price: number }]>;
  readonly energy_per_kwh?: number;
};
export const plainPrices = ({ prices, ...rest }: NonNullable<Kitchen['prices']>): PlainPrices => ({
  ...rest,
  prices: [...prices],
});

/** Everything that writing a recipe needs of the kitchen. */
export type Paper = {
  readonly pantry: readonly Ingredient[];
  readonly prices: PlainPrices;
  readonly habits: HabitsRow;
  readonly dogs: readonly Dog[];
  readonly costs: KitchenCosts;
};

/** A recipe opened: on its dough, with everything that its page and its editor need. */
export type RecipePage = Paper & {
  readonly recipe: RecipeView;
  readonly document: BatchDocument;
  readonly revision: number;
  readonly archived: boolean;
  readonly screening: Screening;
  readonly versions: ReadonlyArray<{
    readonly revision: number;
    readonly name: string;
    readonly saved_at: string;
    readonly ingredients: number;
  }>;
};

async function paperOf(db: Queryable, kitchen: KitchenRow): Promise<Paper> {
  const { measures, cup_fill, scale_step_g, cut_gaps_mm } = kitchen;
  return {
    pantry: await loadIngredients(db),
    prices: plainPrices(await loadPrices(db, kitchen)),
    habits: { measures, cup_fill, scale_step_g, cut_gaps_mm },
    dogs: (await dogsOf(db, kitchen.id)).map(({ name, avoids }) => ({ name, avoids })),
    costs: kitchen.costs,
  };
}

/** An empty sheet. */
export const viewPaper = (): Promise<Result<Paper>> =>
  withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    return kitchen.ok ? succeed(await paperOf(db, kitchen.value)) : kitchen;
  });

export const viewRecipe = (id: string): Promise<Result<RecipePage>> =>
  withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const row = await maybeRecipe(db, id);
    if (!row) return fail('NOT_FOUND', SENTENCES.noSuchRecipe);
    const paper = await paperOf(db, kitchen.value);
    const pantry = pantryOf(paper.pantry);
    // The card in the book knows no habits; the page shows what this kitchen's cups weigh.
    const { cup_fill } = paper.habits;
    const document: BatchDocument = cup_fill ? { ...row.document, kitchen: { ...row.document.kitchen, cup_fill } } : row.document;
    const facts = await computeResult('recipeFacts', { document, pantry, cardOf: '' });
    if (!facts.ok) return facts;
    const { card } = facts.value;
    const versions = await versionsOf(db, id);
    return succeed({
      ...paper,
      recipe: recipeView(
        { ...row, card },
        {
          pantry,
          prices: { ...paper.prices, prices: new Map(paper.prices.prices) },
          dogs: paper.dogs,
          wage_per_hour: kitchen.value.costs.wage_per_hour,
        },
      ),
      document,
      revision: row.revision,
      archived: row.archived_at !== null,
      screening: screen(linesOf(card, pantry, 'mass_g'), paper.dogs, recipeWords(document.recipe)),
      versions: versions.map(({ revision, name, saved_at, document }) => ({
        revision,
        name,
        saved_at: saved_at.toISOString(),
        ingredients: document.recipe.ingredients.length,
      })),
    });
  });
