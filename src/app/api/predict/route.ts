import { predictBatchFile } from '@/server/predict-batch-file';
import { answer, bodyText, refuse } from '../answer';

/** The open door: a batch file in, its prediction out. The same as `npm run predict`. */
export async function POST(request: Request): Promise<Response> {
  const text = await bodyText(request);
  return text.ok ? answer(await predictBatchFile(text.value, request.signal)) : refuse(text);
}
