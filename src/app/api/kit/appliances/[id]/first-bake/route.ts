import { beginFirstBake, viewFirstBake } from '@/server/first-bake';
import { answer } from '../../../../answer';

type Context = { params: Promise<{ id: string }> };

/** Which five small trays would teach the model this oven the most. */
export const GET = async (_: Request, { params }: Context): Promise<Response> => answer(await viewFirstBake((await params).id));

/** Makes the bowl for them and begins it at the oven. */
export const POST = async (_: Request, { params }: Context): Promise<Response> =>
  answer(await beginFirstBake((await params).id), 201);
