import { saveReads } from '@/server/kitchen-settings';
import { answerSaved, bodyJson, refuse } from '../../answer';

/** Keeps in what numbers are read. */
export async function PUT(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answerSaved(await saveReads(body.value)) : refuse(body);
}
