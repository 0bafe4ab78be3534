import { printTemplate } from '@/server/print-template';
import { attachment, bodyJson, refuse } from '../answer';

/** A batch's cutter or sheet at true size: `{ document, template: "cutter" | "sheet", paper: "a4" | "letter" }`. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  if (!body.ok) return refuse(body);
  const printed = await printTemplate(body.value, request.signal);
  if (!printed.ok) return refuse(printed);
  return attachment(printed.value, 'template', { ending: 'pdf', type: 'application/pdf' });
}
