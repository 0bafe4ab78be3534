import { revokeDevice } from '@/server/people/people';
import { answer } from '../../answer';

type Context = { params: Promise<{ id: string }> };

/** Signs a device out. */
export const DELETE = async (_: Request, { params }: Context): Promise<Response> => answer(await revokeDevice((await params).id));
