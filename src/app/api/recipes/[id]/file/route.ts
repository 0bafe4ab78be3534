import { fail } from '@/core/failure';
import { RECIPE_FILES, recipeFile, type RecipeFile } from '@/server/exchange-recipe';
import { attachment, refuse } from '../../../answer';

type Context = { params: Promise<{ id: string }> };

const isKind = (as: string): as is RecipeFile => Object.hasOwn(RECIPE_FILES, as);

/** The recipe as a file to keep, mail or bring into another program. */
export async function GET(request: Request, { params }: Context): Promise<Response> {
  const as = new URL(request.url).searchParams.get('as') ?? 'batch';
  if (!isKind(as)) return refuse(fail('BAD_VALUE', `"as" must be ${Object.keys(RECIPE_FILES).join(', ')}.`, 'as'));
  const file = await recipeFile((await params).id, as);
  return file.ok ? attachment(file.value.content, file.value.name, RECIPE_FILES[as]) : refuse(file);
}
