import { shoppingTable } from '@/server/view-shopping';
import { attachment, refuse } from '../answer';

/** The shopping list as a table. */
export async function GET(request: Request): Promise<Response> {
  const table = await shoppingTable(new URL(request.url).searchParams.getAll('batch'));
  return table.ok ? attachment(table.value, 'shopping list', { ending: 'csv', type: 'text/csv; charset=utf-8' }) : refuse(table);
}
