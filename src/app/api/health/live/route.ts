export const dynamic = 'force-dynamic';

/** Alive: the process answers, whatever else is away. Ask here whether to start it anew. */
export const GET = (): Response => Response.json({ alive: true });
