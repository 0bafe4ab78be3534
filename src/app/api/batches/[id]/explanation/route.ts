import { explainBatch } from '@/server/explain-batch';
import { answer } from '../../../answer';

type Context = { params: Promise<{ id: string }> };

/** Why a weighed batch came out as it did. */
export const GET = async (_: Request, { params }: Context): Promise<Response> => answer(await explainBatch((await params).id));
