import { ovenStream } from '@/server/oven/oven-stream';
import { refusedHere } from '@/server/with-database';
import { refuse } from '../../answer';
import { events } from '../../events';

export const dynamic = 'force-dynamic';

/** Tells that something at the oven changed, as it happens. */
export async function GET(request: Request): Promise<Response> {
  const refused = await refusedHere('guest');
  return refused ? refuse(refused) : events(ovenStream(request.signal));
}
