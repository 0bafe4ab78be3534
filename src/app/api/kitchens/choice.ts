import { KITCHEN_COOKIE } from '@/server/asked';

const YEAR_S = 31_536_000;

/** An answer that has this device work in a kitchen from then on. */
export function withChoice(response: Response, kitchenId: string): Response {
  const cookie = `${KITCHEN_COOKIE}=${kitchenId}; Path=/; Max-Age=${YEAR_S}; SameSite=Lax; HttpOnly`;
  response.headers.append('set-cookie', cookie);
  return response;
}
