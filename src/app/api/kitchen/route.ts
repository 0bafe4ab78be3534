import { saveHabits } from '@/server/habits';
import { answerSaved, bodyJson, refuse } from '../answer';

/** Remembers how the bakers of this kitchen measure. */
export async function PUT(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answerSaved(await saveHabits(body.value)) : refuse(body);
}
