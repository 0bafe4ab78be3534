import { batchVersions } from '@/server/batch-versions';
import { answer } from '../../../answer';

type Context = { params: Promise<{ id: string }> };

/** How a batch stood before each spell of work on it, the newest first. */
export const GET = async (_: Request, { params }: Context): Promise<Response> => answer(await batchVersions((await params).id));
