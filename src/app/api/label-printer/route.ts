import { workLabelPrinter } from '@/server/label';
import { answer, bodyJson, refuse } from '../answer';

/** Works the label printer. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answer(await workLabelPrinter(body.value)) : refuse(body);
}
