import { savePlaces } from '@/server/kit';
import { answerSaved, bodyJson, refuse } from '../../answer';

/** Notes how many trays and places there are. */
export async function PUT(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answerSaved(await savePlaces(body.value)) : refuse(body);
}
