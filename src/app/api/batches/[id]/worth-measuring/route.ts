import { batchWorthMeasuring } from '@/server/worth-measuring';
import { answer } from '../../../answer';

type Context = { params: Promise<{ id: string }> };

/** What each measurement would be worth before a batch is baked. */
export const GET = async (_: Request, { params }: Context): Promise<Response> =>
  answer(await batchWorthMeasuring((await params).id));
