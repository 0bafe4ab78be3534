import Joi from 'joi';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { noteDone } from '@/db/audit';
import { leaveDemoOut, removeKitchen } from '@/db/kitchens';
import { ingredientRows, stockIngredients } from '@/db/pantry';
import { addRecipe, changedRecipes } from '@/db/recipes';
import { checkWith } from '@/formats/read-batch';
import { computeResult } from './compute/compute';
import { forgetKitchens, kitchens } from './kitchen-pools';
import { loadPantry } from './pantry';
import { refusal } from './people/allowed';
import { nameOfWho } from './people/members';
import { inKitchen, refusedHere, withDatabase } from './with-database';

type RemoveRequest = {
  /** The kitchen's name, typed by whoever means it. */
  readonly name: string;
  /** The kitchen that takes over recipes which were written or changed in a demo. */
  readonly take_to?: string;
};
const REMOVE = Joi.object<RemoveRequest, true>({ name: Joi.string().trim().allow('').required(), take_to: Joi.string().max(60) });

/** Takes a kitchen away with everything in it, once its name was typed; recipes of one's own may go on in another. */
export async function dropKitchen(id: string, body: unknown): Promise<Result<{ recipes: number }>> {
  const refused = await refusedHere('owner');
  if (refused) return refused;
  const request = checkWith(REMOVE, body);
  if (!request.ok) return request;
  const there = await withDatabase('guest', async () => succeed(await kitchens()));
  if (!there.ok) return there;
  const kitchen = there.value.find((one) => one.id === id);
  if (!kitchen) return fail('NOT_FOUND', SENTENCES.noKitchen);
  const { name, take_to } = request.value;
  const notTheirs = refusal('owner', id);
  if (notTheirs) return notTheirs;
  if (name !== kitchen.name)
    return fail('BAD_VALUE', `Type its name as it stands, ${kitchen.name}, to remove it. Nothing was removed.`, 'name');
  if (take_to !== undefined && !there.value.some((one) => one.id === take_to && one.id !== id))
    return fail('BAD_VALUE', 'There is no such kitchen to take the recipes to. Nothing was removed.', 'take_to');
  const taken = take_to === undefined ? succeed({ recipes: 0 }) : await takeAlong(id, take_to);
  if (!taken.ok) return taken;
  const gone = await inKitchen(id, 'owner', async (db) => {
    if (!(await removeKitchen(db, id))) return fail('NOT_FOUND', SENTENCES.noKitchen);
    // Who removed the demo does not want it back at the next start.
    if (kitchen.is_demo) await leaveDemoOut(db);
    await noteDone(db, { kitchen_id: id, person: nameOfWho(), what: 'kitchen removed', about: name });
    return succeed(null);
  });
  forgetKitchens();
  return gone.ok ? taken : gone;
}

/** Copies recipes that were written or changed in one kitchen to another, with the ingredients that only that one knows. */
async function takeAlong(from: string, to: string): Promise<Result<{ recipes: number }>> {
  const own = await inKitchen(from, 'owner', async (db) =>
    succeed({
      recipes: await changedRecipes(db, from),
      ingredients: (await ingredientRows(db)).filter((row) => row.own).map(({ facts }) => facts),
    }),
  );
  if (!own.ok) return own;
  const { recipes, ingredients } = own.value;
  return inKitchen(to, 'baker', async (db) => {
    await stockIngredients(db, ingredients, to);
    const pantry = await loadPantry(db);
    for (const { document } of recipes) {
      const facts = await computeResult('recipeFacts', { document, pantry, cardOf: '' });
      if (!facts.ok) return facts;
      await addRecipe(db, to, facts.value);
    }
    return succeed({ recipes: recipes.length });
  });
}
