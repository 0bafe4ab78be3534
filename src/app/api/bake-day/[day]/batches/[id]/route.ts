import { viewDayBatch } from '@/server/bake-day';
import { answer } from '../../../../answer';

type Context = { params: Promise<{ day: string; id: string }> };

/** A batch as work of a day, for a day that picks it. */
export async function GET(_request: Request, { params }: Context): Promise<Response> {
  return answer(await viewDayBatch((await params).id));
}
