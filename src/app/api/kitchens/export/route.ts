import { exportKitchen } from '@/server/export-kitchen';
import { attachment, refuse } from '../../answer';

/** Everything of the kitchen that is asked for, as one ZIP. */
export async function GET(): Promise<Response> {
  const file = await exportKitchen();
  return file.ok
    ? attachment(file.value.content, file.value.name, { ending: 'kitchen.zip', type: 'application/zip' })
    : refuse(file);
}
