import { checkHealth } from '@/server/check-health';
import { answer } from '../../answer';

export const dynamic = 'force-dynamic';

/** Ready: the database answers too, and knows this program's tables. Ask here whether to send it requests. */
export const GET = async (): Promise<Response> => answer(await checkHealth());
