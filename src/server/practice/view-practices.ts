import type { LessonView, PracticeListView } from '@/contract/practice';
import { succeed, type Result } from '@/core/failure';
import { BAKES_A_ROUND, LESSONS, lessonOf, type LessonName } from '@/core/practice';
import { practisedBy, type PractisedRow } from '@/db/practice';
import { nameOfAsking } from '../people/allowed';
import { kitchenOf } from '../view-kitchen';
import { withDatabase } from '../with-database';
import { lessonRecipe } from './lesson-recipes';

/** Batches of one's own that are listed. */
const MOST_OWN = 12;

/** Every lesson and how it stands for whoever asks, and what of their own they practised. */
export const viewPractices = (): Promise<Result<PracticeListView>> =>
  withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const all = await practisedBy(db, kitchen.value.id, nameOfAsking());
    const own = all.filter(({ lesson }) => lesson === null).slice(0, MOST_OWN);
    return succeed({
      bakes_a_round: BAKES_A_ROUND,
      lessons: LESSONS.map((lesson) =>
        lessonView(
          lesson,
          all.filter((one) => one.lesson === lesson),
        ),
      ),
      own: own.map(({ id, name, begun_at, share }) => ({ id, name, begun_at: begun_at.toISOString(), share })),
    });
  });

function lessonView(lesson: LessonName, newestFirst: readonly PractisedRow[]): LessonView {
  const judged = newestFirst.filter((one) => one.share !== null).reverse();
  const whole = Math.floor(judged.length / BAKES_A_ROUND);
  const rounds = Array.from({ length: whole }, (_, i) => judged.slice(i * BAKES_A_ROUND, (i + 1) * BAKES_A_ROUND));
  const rest = judged.slice(whole * BAKES_A_ROUND);
  const shares = (bakes: readonly PractisedRow[]): number[] => bakes.map(({ share }) => share ?? 0);
  const recipe = lessonRecipe(lessonOf(lesson)?.recipe ?? '');
  return {
    lesson,
    recipe: recipe.ok ? (recipe.value.name ?? recipe.value.recipe.name ?? lesson) : lesson,
    round: shares(rest.length > 0 ? rest : (rounds.at(-1) ?? [])),
    rounds: rounds.map((bakes) => ({
      share: shares(bakes).reduce((sum, share) => sum + share, 0) / BAKES_A_ROUND,
      ended_at: (bakes[bakes.length - 1].judged_at ?? bakes[bakes.length - 1].begun_at).toISOString(),
    })),
    open: newestFirst.find((one) => one.share === null)?.id ?? null,
  };
}
