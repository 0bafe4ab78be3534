import { bin, emptyTheBin } from '@/server/bin';
import { answer, bodyJson, refuse } from '../answer';

/** Takes things away into the bin. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await bin(body.value)) : refuse(body);
}

/** Forgets for good what is in the bin. */
export const DELETE = async (): Promise<Response> => answer(await emptyTheBin());
