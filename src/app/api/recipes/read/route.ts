import { readRecipe } from '@/server/exchange-recipe';
import { answer, bodyText, refuse } from '../../answer';

/** Reads a recipe in whatever form it comes: a batch file, a table, a page, or plain words. Nothing is saved. */
export async function POST(request: Request): Promise<Response> {
  const text = await bodyText(request);
  return text.ok ? answer(await readRecipe(text.value)) : refuse(text);
}
