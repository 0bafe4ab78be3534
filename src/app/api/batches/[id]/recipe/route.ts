import { keepInRecipe } from '@/server/save-recipe';
import { answer } from '../../../answer';

type Context = { params: Promise<{ id: string }> };

/** Writes what a batch found out back into its recipe. */
export async function POST(_: Request, { params }: Context): Promise<Response> {
  return answer(await keepInRecipe((await params).id));
}
