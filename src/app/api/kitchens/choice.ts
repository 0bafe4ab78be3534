import { KITCHEN_COOKIE } from '@/server/asked';

const YEAR_S = 31_536_000;

/** Remembers on this device which kitchen it works in. */
export function remember(response: Response, kitchenId: string): Response {
  const cookie = `${KITCHEN_COOKIE}=${kitchenId}; Path=/; Max-Age=${YEAR_S}; SameSite=Lax; HttpOnly`;
  response.headers.append('set-cookie', cookie);
  return response;
}
