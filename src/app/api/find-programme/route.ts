import { findForBatchFile } from '@/server/predict-batch-file';
import { answer, bodyText, refuse } from '../answer';

/** The finder's open door: a batch file with a target in, programmes that meet it out. The same as `npm run find-programme`. */
export async function POST(request: Request): Promise<Response> {
  const text = await bodyText(request);
  return text.ok ? answer(await findForBatchFile(text.value, request.signal)) : refuse(text);
}
