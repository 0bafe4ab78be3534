import { batchFile } from '@/server/open-batch';
import { refuse } from '../../../answer';

type Context = { params: Promise<{ id: string }> };

/** The batch as a file to keep or mail. */
export async function GET(_: Request, { params }: Context): Promise<Response> {
  const file = await batchFile((await params).id);
  if (!file.ok) return refuse(file);
  const name =
    file.value.name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'batch';
  return new Response(`${JSON.stringify(file.value.document, null, 2)}\n`, {
    headers: {
      'content-type': 'application/json; charset=utf-8',
      'content-disposition': `attachment; filename="${name}.batch.json"`,
    },
  });
}
