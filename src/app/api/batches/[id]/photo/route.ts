import { batchPhoto, dropPhoto, keepPhoto } from '@/server/batch-photo';
import { answer, bodyBytes, refuse } from '../../../answer';

type Context = { params: Promise<{ id: string }> };

/** The photo of a batch. */
export async function GET(_: Request, { params }: Context): Promise<Response> {
  const photo = await batchPhoto((await params).id);
  if (!photo.ok) return refuse(photo);
  return new Response(new Uint8Array(photo.value.picture), {
    headers: { 'content-type': photo.value.media_type, 'cache-control': 'no-cache' },
  });
}

/** Keeps a photo of a batch, in place of the one before. */
export async function PUT(request: Request, { params }: Context): Promise<Response> {
  const bytes = await bodyBytes(request);
  return bytes.ok ? answer(await keepPhoto((await params).id, bytes.value)) : refuse(bytes);
}

export async function DELETE(_: Request, { params }: Context): Promise<Response> {
  return answer(await dropPhoto((await params).id));
}
