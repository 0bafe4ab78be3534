import { ovenStream } from '@/server/oven/oven-stream';
import { events } from '../../events';

export const dynamic = 'force-dynamic';

/** Tells that something at the oven changed, as it happens. */
export const GET = (request: Request): Response => events(ovenStream(request.signal));
