import { onceOnly } from '@/server/once-only';
import { logTable, readLogBack } from '@/server/exchange-log';
import { answer, attachment, bodyText, refuse, streamOf } from '../answer';

export const dynamic = 'force-dynamic';

/** The log as a table. */
export async function GET(): Promise<Response> {
  const table = await logTable();
  if (!table.ok) return refuse(table);
  return attachment(streamOf(table.value), 'log', { ending: 'csv', type: 'text/csv; charset=utf-8' });
}

/** Takes measurements over from a table. */
export async function POST(request: Request): Promise<Response> {
  const text = await bodyText(request);
  return text.ok ? answer(await onceOnly(request, 'log.csv', text.value, () => readLogBack(text.value))) : refuse(text);
}
