import { recipeNames } from '@/server/view-recipes';
import { answer } from '../../answer';

export const dynamic = 'force-dynamic';

/** Every recipe of the book by its name, to choose from. */
export const GET = async (): Promise<Response> => answer(await recipeNames());
