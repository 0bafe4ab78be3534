import { toShoppingCsv } from '@/formats/shopping-csv';
import { viewShopping } from '@/server/view-shopping';
import { attachment, refuse } from '../answer';

/** The shopping list as a table. */
export async function GET(request: Request): Promise<Response> {
  const view = await viewShopping(new URL(request.url).searchParams.getAll('batch'));
  if (!view.ok) return refuse(view);
  return attachment(toShoppingCsv(view.value.items, view.value.currency), 'shopping list', {
    ending: 'csv',
    type: 'text/csv; charset=utf-8',
  });
}
