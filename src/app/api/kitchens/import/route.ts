import { importKitchen } from '@/server/import-kitchen';
import { answer, bodyBytes, refuse } from '../../answer';

/** Largest kitchen that is taken in: years of baking with a photo of each batch [bytes]. */
const LARGEST_KITCHEN = 250e6;

/** Brings a kitchen in out of its ZIP, beside those that are there. */
export async function POST(request: Request): Promise<Response> {
  const bytes = await bodyBytes(request, LARGEST_KITCHEN);
  return bytes.ok ? answer(await importKitchen(bytes.value), 201) : refuse(bytes);
}
