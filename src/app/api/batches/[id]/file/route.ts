import { batchFile } from '@/server/open-batch';
import { attachment, refuse } from '../../../answer';

type Context = { params: Promise<{ id: string }> };

/** The batch as a file to keep or mail. */
export async function GET(_: Request, { params }: Context): Promise<Response> {
  const file = await batchFile((await params).id);
  if (!file.ok) return refuse(file);
  const { name, document } = file.value;
  return attachment(`${JSON.stringify(document, null, 2)}\n`, name, {
    ending: 'batch.json',
    type: 'application/json; charset=utf-8',
  });
}
