import { checkHealth } from '@/server/check-health';
import { answer } from '../answer';

export const dynamic = 'force-dynamic';

export const GET = async (): Promise<Response> => answer(await checkHealth());
