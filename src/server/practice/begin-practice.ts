import { randomInt } from 'node:crypto';
import Joi from 'joi';
import type { BatchDocument } from '@/core/document';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import type { Pantry } from '@/core/pantry';
import { LESSONS, lessonOf, type LessonName, type Owned } from '@/core/practice';
import { INPUTS, type Input } from '@/core/prediction';
import { maybeBatch } from '@/db/batches';
import type { Queryable } from '@/db/client';
import { appliancesOf } from '@/db/kitchen';
import { addPractice, type NewPractice } from '@/db/practice';
import { checkWith } from '@/formats/read-batch';
import { computeResult } from '../compute/compute';
import { loadPantry } from '../pantry';
import { nameOfAsking } from '../people/allowed';
import { kitchenOf } from '../view-kitchen';
import { withDatabase } from '../with-database';
import { lessonRecipe } from './lesson-recipes';
import { inOwnKit, ownedIn } from './own-kit';

type BeginRequest = { readonly lesson?: LessonName; readonly batch_id?: string };
const REQUEST = Joi.object<BeginRequest>({
  lesson: Joi.string().valid(...LESSONS),
  batch_id: Joi.string().max(60),
}).xor('lesson', 'batch_id');

/** Hidden truths that there are. */
const TRUTHS = 1_000_000;
/** A truth that lies beyond the model is no bake; another one is drawn, so often at most. */
const TRIES = 5;

/** What is practised: of a lesson, or of a batch of one's own. */
type Asked = Pick<NewPractice, 'lesson' | 'batch_id' | 'name' | 'document' | 'unknown'>;

/** Begins a practice bake: of a lesson in one's own oven, or of a batch as it is planned. */
export const beginPractice = async (body: unknown): Promise<Result<{ id: string }>> => {
  const known = await withDatabase('helper', async (db) => {
    const checked = checkWith(REQUEST, body);
    if (!checked.ok) return checked;
    const { value } = checked;
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { id: kitchenId, altitude_m, room_c, room_rh_pct } = kitchen.value;
    const kit = await appliancesOf(db, kitchenId);
    const asked = value.lesson ? ofLesson(value.lesson) : await ofBatch(db, value.batch_id ?? '');
    if (!asked.ok) return asked;
    const { document } = asked.value;
    const air = { altitude_m, room_c, room_rh_pct, ...document.kitchen };
    const own = value.lesson ? { ...inOwnKit(document, kit), kitchen: air } : document;
    return succeed({ ...asked.value, document: own, owned: ownedIn(kit), kitchenId, pantry: await loadPantry(db) });
  });
  if (!known.ok) return known;
  const { pantry, ...asked } = known.value;
  const truth = await drawTruth(asked, pantry);
  if (!truth.ok) return truth;
  return withDatabase('helper', async (db) =>
    succeed({ id: await addPractice(db, { ...asked, truth: truth.value, bakedBy: nameOfAsking() }) }),
  );
};

function ofLesson(name: LessonName): Result<Asked> {
  const lesson = lessonOf(name);
  if (!lesson) return fail('BAD_VALUE', `There is no lesson "${name}".`, 'lesson');
  const recipe = lessonRecipe(lesson.recipe);
  if (!recipe.ok) return recipe;
  const document = lesson.change(recipe.value);
  return succeed({
    lesson: name,
    batch_id: null,
    name: document.name ?? document.recipe.name ?? name,
    document,
    unknown: lesson.unknown,
  });
}

async function ofBatch(db: Queryable, id: string): Promise<Result<Asked>> {
  const batch = await maybeBatch(db, id);
  if (!batch) return fail('NOT_FOUND', SENTENCES.noSuchBatch);
  const document = withoutPortions(batch.document);
  return succeed({ lesson: null, batch_id: id, name: batch.name, document, unknown: INPUTS });
}

/** A shared bowl is practised as if all of it were shaped as the batch is. */
function withoutPortions({ portions: _, ...document }: BatchDocument): BatchDocument {
  return document;
}

/** A hidden truth in which the bake can be simulated at all. */
async function drawTruth(
  { document, unknown, owned }: { readonly document: BatchDocument; readonly unknown: readonly Input[]; readonly owned: Owned },
  pantry: Pantry,
): Promise<Result<number>> {
  for (let tried = 1; ; tried++) {
    const truth = randomInt(TRUTHS);
    const shown = await computeResult('practise', { document, pantry, unknown, owned, truth, acts: [], act: null });
    if (shown.ok) return succeed(truth);
    if (shown.code !== 'OUTSIDE_MODEL' || tried >= TRIES) return shown;
  }
}
