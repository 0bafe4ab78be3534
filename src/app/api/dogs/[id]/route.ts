import { dropDog, keepDog } from '@/server/dogs';
import { answer, answerSaved, bodyJson, refuse } from '../../answer';

type Context = { params: Promise<{ id: string }> };

/** Writes a dog down, new or changed. */
export async function PUT(request: Request, { params }: Context): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answerSaved(await keepDog((await params).id, body.value)) : refuse(body);
}

/** Takes a dog off the list. */
export const DELETE = async (_: Request, { params }: Context): Promise<Response> => answer(await dropDog((await params).id));
