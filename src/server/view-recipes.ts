import type { RecipeView } from '@/contract/recipes';
import { METHODS } from '@/core/document';
import { ingredientCost, type PriceList } from '@/core/costing';
import { succeed, type Result } from '@/core/failure';
import { screen } from '@/core/feeding';
import { ON_ITS_LABEL, allergensIn, type DoughLine, type Pantry } from '@/core/pantry';
import { maybeOpenBatch } from '@/db/batches';
import { dogsOf } from '@/db/dogs';
import type { RecipeCardRow } from '@/db/recipe-card';
import { findRecipes, namesInBook, type RecipeListRow } from '@/db/recipes';
import { loadPantry, loadPrices } from './pantry';
import { NO_WORD } from './recipe-facts';
import { kitchenOf } from './view-kitchen';
import { withDatabase } from './with-database';

/** What the reader of the book asked for. */
export type BookQuery = {
  readonly q?: string | undefined;
  readonly method?: string | undefined;
  readonly without?: string | undefined;
  readonly dog?: string | undefined;
  readonly archived?: string | undefined;
  readonly from?: string | undefined;
};

export type RecipesView = {
  readonly kitchen: string;
  readonly recipes: readonly RecipeView[];
  readonly total: number;
  readonly from: number;
  /** What every ingredient of the pantry is known to bring. */
  readonly allergens: readonly string[];
  readonly dogs: ReadonlyArray<{ readonly name: string; readonly avoids: readonly string[] }>;
  /** The planned batch changed last, to carry on with. */
  readonly open: { readonly id: string; readonly name: string } | null;
};

/** Recipes on one page of the book. */
export const PAGE = 30;

/** The recipe book, or the part of it that was searched for; each recipe with what its dough is and becomes. */
export const viewRecipes = (query: BookQuery): Promise<Result<RecipesView>> =>
  withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const dogs = await dogsOf(db, kitchen.value.id);
    const typed = wordsOf(query.q ?? '');
    const named = dogs.find(({ name }) => name === query.dog || typed.includes(name.toLowerCase()));
    const from = Math.max(0, Math.floor(Number(query.from ?? 0)) || 0);
    const filter = {
      // A dog's name among the words asks for what that dog may have.
      words: typed.filter((word) => word !== named?.name.toLowerCase()),
      method: METHODS.find((method) => method === query.method) ?? null,
      without: [...(named?.avoids ?? []), ...(query.without ? [query.without] : [])],
      archived: query.archived === 'yes',
    };
    const [pantry, prices] = [await loadPantry(db), await loadPrices(db, kitchen.value)];
    const { rows, total } = await findRecipes(db, kitchen.value.id, filter, { limit: PAGE, offset: from });
    const open = await maybeOpenBatch(db, kitchen.value.id);
    const planned = open?.baked_on === null ? open : null;
    return succeed({
      kitchen: kitchen.value.name,
      recipes: rows.map((row) => recipeView(row, { pantry, prices, dogs, wage_per_hour: kitchen.value.costs.wage_per_hour })),
      total,
      from,
      dogs: dogs.map(({ name, avoids }) => ({ name, avoids })),
      allergens: allergensIn([...pantry.values()])
        .map(({ name }) => name)
        .filter((name) => name !== ON_ITS_LABEL)
        .sort(),
      open: planned ? { id: planned.id, name: planned.name } : null,
    });
  });

/** Names of so many recipes are told to choose from. */
const MOST_NAMES = 1000;

/** Every recipe of the book by its name, and how many there are. */
export const recipeNames = (): Promise<
  Result<{ readonly recipes: ReadonlyArray<{ readonly id: string; readonly name: string }>; readonly total: number }>
> =>
  withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    return kitchen.ok ? succeed(await namesInBook(db, kitchen.value.id, MOST_NAMES)) : kitchen;
  });

/** A search as words that must all be found; a method may be named by its number or by how it goes. */
const wordsOf = (q: string): string[] => q.toLowerCase().slice(0, 120).split(NO_WORD).filter(Boolean).slice(0, 8);

/** What of a card's lines is weighed, or ends on the treats; an ingredient that is gone from everywhere is left out. */
export const linesOf = (card: RecipeCardRow, pantry: Pantry, which: 'mass_g' | 'eaten_g'): DoughLine[] =>
  card.lines.flatMap(({ ingredient: id, [which]: mass_g, slicedOff }) => {
    const row = pantry.get(id) ?? card.ownRows.find((one) => one.id === id);
    return row ? [{ ingredient: slicedOff ? { ...row, slicedOff } : row, mass_g }] : [];
  });

/** What a recipe's own words stop, where no row of the pantry does. */
const saidStops = (card: RecipeCardRow): ReadonlyArray<{ readonly ingredient: string; readonly why: string }> =>
  card.fed.blockedBy
    .filter((code) => code.startsWith('says-'))
    .map((code) => ({ ingredient: code.slice('says-'.length), why: 'Its own words say so.' }));

/** What a kitchen brings to a recipe that is looked at. */
type LookedAtIn = {
  readonly pantry: Pantry;
  readonly prices: PriceList;
  readonly dogs: ReadonlyArray<{ readonly name: string; readonly avoids: readonly string[] }>;
  readonly wage_per_hour: number | undefined;
};

export function recipeView(
  { id, name, method, summary, card }: Omit<RecipeListRow, 'archived_at'>,
  { pantry, prices, dogs, wage_per_hour }: LookedAtIn,
): RecipeView {
  const weighed = linesOf(card, pantry, 'mass_g');
  const cost = ingredientCost(weighed, prices);
  const weighed_g = weighed.reduce((sum, { mass_g }) => sum + mass_g, 0);
  const work = wage_per_hour === undefined || card.hand_minutes === undefined ? null : (wage_per_hour * card.hand_minutes) / 60;
  const { stops, dogs: verdicts } = screen(weighed, dogs);
  return {
    id,
    name,
    method,
    summary,
    card,
    cost: {
      currency: cost.currency,
      dough_per_100g: (100 * cost.total) / weighed_g,
      with_work_per_100g: work === null ? null : (100 * (cost.total + work)) / weighed_g,
      missing: cost.missing.map((missing) => pantry.get(missing)?.name ?? missing),
    },
    dogs: verdicts,
    stops: [...stops, ...saidStops(card)],
  };
}
