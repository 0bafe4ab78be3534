import type { BatchDocument } from '@/core/document';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { usualGap } from '@/core/shaping';
import { addBatch } from '@/db/batches';
import { appliancesOf } from '@/db/kitchen';
import { learnedOf } from '@/db/learned';
import { maybeRecipe } from '@/db/recipes';
import { checkBatch } from '@/formats/read-batch';
import { forecast } from './forecast';
import { withLearnedPace } from './oven/learn';
import { loadPantry } from './pantry';
import { kitchenOf } from './view-kitchen';
import { withDatabase } from './with-database';

/** Starts a batch from a recipe, in this kitchen's air, by its hands, and at the pace that its oven was found to have. */
export const startBatch = (recipeId: string): Promise<Result<{ id: string }>> =>
  withDatabase('baker', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const recipe = await maybeRecipe(db, recipeId);
    if (!recipe) return fail('NOT_FOUND', SENTENCES.noSuchRecipe);
    const { altitude_m, room_c, room_rh_pct, cup_fill, cut_gaps_mm } = kitchen.value;
    const hand_gap_mm = usualGap(cut_gaps_mm);
    const hands = { ...(cup_fill ? { cup_fill } : {}), ...(hand_gap_mm === null ? {} : { hand_gap_mm }) };
    const air = { altitude_m, room_c, room_rh_pct, ...hands };
    const kit = await appliancesOf(db, kitchen.value.id);
    const learned = await learnedOf(db, kitchen.value.id);
    const document: BatchDocument = withLearnedPace({ ...recipe.document, name: recipe.name, kitchen: air }, kit, learned);
    const predicted = await forecast(document, await loadPantry(db), false);
    if (!predicted.ok) return predicted;
    const batch = { kitchenId: kitchen.value.id, recipeId, name: recipe.name, document, forecast: predicted.value };
    return succeed({ id: await addBatch(db, batch) });
  });

/** Takes in a batch file that someone mailed or kept. */
export const importBatch = (value: unknown): Promise<Result<{ id: string }>> =>
  withDatabase('baker', async (db) => {
    const checked = checkBatch(value);
    if (!checked.ok) return checked;
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const document = checked.value;
    const predicted = await forecast(document, await loadPantry(db), false);
    if (!predicted.ok) return predicted;
    const name = document.name?.trim() || document.recipe.name?.trim() || 'Batch from a file';
    return succeed({
      id: await addBatch(db, { kitchenId: kitchen.value.id, recipeId: null, name, document, forecast: predicted.value }),
    });
  });
