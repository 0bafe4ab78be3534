import { onceOnly } from '@/server/once-only';
import { createRecipe } from '@/server/save-recipe';
import { viewRecipes } from '@/server/view-recipes';
import { answer, bodyJson, refuse } from '../answer';

/** The part of the book that was searched for. */
export async function GET(request: Request): Promise<Response> {
  return answer(await viewRecipes(Object.fromEntries(new URL(request.url).searchParams)));
}

/** Puts a new recipe into the book. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await onceOnly(request, 'recipes', body.value, () => createRecipe(body.value)), 201) : refuse(body);
}
