import { saveOwnReads } from '@/server/people/own-account';
import { answer, bodyJson, refuse } from '../../answer';

/** Keeps in what numbers one reads oneself. */
export async function PUT(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await saveOwnReads(body.value)) : refuse(body);
}
