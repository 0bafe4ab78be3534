import Joi from 'joi';
import type { DogFacts, DogsView, LikedTreat } from '@/contract/dogs';
import { type FeedingInput, ACTIVITIES, AGE_STAGES, feedingVerdict } from '@/core/feeding';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { ON_ITS_LABEL, allergensIn, type Pantry } from '@/core/pantry';
import { dogsOf, setDog, type StoredDog } from '@/db/dogs';
import { likedBy, type Liked } from '@/db/log';
import type { RecipeCardRow } from '@/db/recipe-card';
import { findRecipes } from '@/db/recipes';
import { wordsIn } from '@/db/search-words';
import type { Writable } from '@/formats/read-batch';
import { loadPantry } from './pantry';
import { checkSave, savedOver, versionOf, type SavedOver } from './save-over';
import { linesOf } from './view-recipes';
import { kitchenOf } from './view-kitchen';
import { inTransaction, withDatabase } from './with-database';
import { binOne } from './bin';
import type { Binned } from '@/contract/bin';

const EVERYTHING = { words: [], method: null, without: [], archived: false };
/** Recipes on one page of the table. */
const PAGE = 60;

/** What is asked of the table: words of a recipe, and how many recipes come before its first. */
export type DogsQuery = { readonly find?: string | undefined; readonly from?: string | undefined };

export const viewDogs = (query: DogsQuery): Promise<Result<DogsView>> =>
  withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const dogs = await dogsOf(db, kitchen.value.id);
    const pantry = await loadPantry(db);
    const find = query.find ?? '';
    const from = Math.max(0, Math.floor(Number(query.from ?? 0)) || 0);
    const words = wordsIn(find);
    const { rows, total } = await findRecipes(db, kitchen.value.id, { ...EVERYTHING, words }, { limit: PAGE, offset: from });
    const recipes = rows.map(({ id, name, method, card }) => {
      const fed = fedFromCard(card, pantry);
      return {
        id,
        name,
        method,
        piece_g: card.finished_g / card.pieces,
        kcal_per_piece: card.fed.kcal_per_piece,
        verdicts: dogs.map((dog) => feedingVerdict(fed, dog)),
      };
    });
    const spoken = recipes.flatMap(({ verdicts }) =>
      verdicts.flatMap(({ reasons }) => reasons.flatMap((reason) => ('objections' in reason ? reason.objections : []))),
    );
    return succeed({
      dogs: dogs.map((dog) => ({ id: dog.id, ...versionOf(dog, factsOf(dog)) })),
      recipes,
      liked: likedTreats(await likedBy(db, kitchen.value.id), dogs),
      names: Object.fromEntries(spoken.map(({ ingredient }) => [ingredient, pantry.get(ingredient)?.name ?? ingredient])),
      find,
      from,
      total,
      allergens: allergensIn([...pantry.values()])
        .map(({ name }) => name)
        .filter((name) => name !== ON_ITS_LABEL)
        .sort(),
    });
  });

/** Treats on the page; the ones that most was written down of first. */
const LIKED = 20;

/** By treat and dog of the list, what was written down, the answer given most often first. */
function likedTreats(all: readonly Liked[], dogs: readonly StoredDog[]): LikedTreat[] {
  const known = all.filter(({ dog }) => dogs.some(({ name }) => name === dog));
  const recipes = [...new Set(known.map(({ recipe }) => recipe))].map((recipe) => known.filter((one) => one.recipe === recipe));
  const times = (of: readonly Liked[]): number => of.reduce((sum, one) => sum + one.times, 0);
  return recipes
    .sort((one, other) => times(other) - times(one) || one[0].recipe.localeCompare(other[0].recipe))
    .slice(0, LIKED)
    .map((of) => ({
      recipe: of[0].recipe,
      dogs: dogs.map(({ name }) => ({
        dog: name,
        said: of
          .filter(({ dog }) => dog === name)
          .sort((one, other) => other.times - one.times)
          .map(({ verdict, times: often }) => ({ verdict, times: often })),
      })),
    }));
}

const fedFromCard = (card: RecipeCardRow, pantry: Pantry): FeedingInput => ({
  lines: linesOf(card, pantry, 'eaten_g'),
  pieces: card.pieces,
  ...card.fed,
});

const ID = /^[a-z0-9-]{1,60}$/;
const word = Joi.string().trim().max(80);
const DOG = Joi.object<Writable<DogFacts>, true>({
  name: word.min(1).required(),
  kind: word.allow('').required(),
  weight_kg: Joi.number().min(0.5).max(120).required(),
  avoids: Joi.array().items(word.min(1)).max(20).unique().required(),
  note: Joi.string().trim().allow('').max(300).required(),
  age: Joi.string()
    .valid(...AGE_STAGES)
    .required(),
  activity: Joi.string()
    .valid(...ACTIVITIES)
    .required(),
  neutered: Joi.boolean().required(),
  overweight: Joi.boolean().required(),
  wornTeeth: Joi.boolean().required(),
  upsetByFat: Joi.boolean().required(),
});

/** Writes a dog down under an id, new or over the revision it was changed from; a stale save changes nothing. */
export const keepDog = (id: string, body: unknown): Promise<Result<SavedOver<DogFacts>>> =>
  withDatabase<SavedOver<DogFacts>>('baker', async (db) => {
    const request = checkSave(DOG, body);
    if (!request.ok) return request;
    if (!ID.test(id)) return fail('BAD_VALUE', SENTENCES.notAnId('A dog'), 'id');
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { revision, document } = request.value;
    return savedOver(await setDog(db, kitchen.value.id, { id, ...document }, revision), {
      what: 'this dog',
      gone: 'This dog is not on the list of this kitchen any more.',
      current: async () => {
        const row = (await dogsOf(db, kitchen.value.id)).find((dog) => dog.id === id);
        return row ? versionOf(row, factsOf(row)) : null;
      },
    });
  });

function factsOf({ id: _id, revision: _revision, updated_at: _saved, ...facts }: StoredDog): DogFacts {
  return facts;
}

/** Takes a dog off the list, into the bin. */
export const dropDog = (id: string): Promise<Result<Binned>> => inTransaction('baker', (db) => binOne(db, { kind: 'dog', id }));
