import { readRecipe } from '@/server/exchange-recipe';
import { answer, bodyBytes, refuse } from '../../answer';

/**
 * Reads a recipe in whatever form it comes: a batch file, a table, a spreadsheet, a page, or plain words. Nothing is saved.
 * `?cups=us|metric|uk` says whose cups are meant, `?recipe=1` which of several recipes of a page.
 */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyBytes(request);
  if (!body.ok) return refuse(body);
  const asked = new URL(request.url).searchParams;
  const recipe = Number(asked.get('recipe') ?? 0);
  return answer(
    await readRecipe(body.value, { cups: asked.get('cups'), recipe: Number.isInteger(recipe) && recipe >= 0 ? recipe : 0 }),
  );
}
