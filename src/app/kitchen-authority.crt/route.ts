import { kitchenAuthority } from '@/server/sharing/authority';
import { refuse } from '../api/answer';

export const dynamic = 'force-dynamic';

/** The certificate of the kitchen's own authority, for a device to trust. It is no secret. */
export async function GET(): Promise<Response> {
  const authority = await kitchenAuthority();
  if (!authority.ok) return refuse(authority);
  return new Response(new Uint8Array(authority.value), {
    headers: {
      'content-type': 'application/x-x509-ca-cert',
      'content-disposition': 'attachment; filename="upbeat-oven-kitchen.crt"',
    },
  });
}
