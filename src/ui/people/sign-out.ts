import { call } from '../kit/api';
import { forgetKeptPages } from '../kit/kept-pages';
import { forgetSeen } from '../oven/last-seen';

/** Signs out and goes to sign in: nothing of what was shown stays on the screen. */
export async function signOut(where: 'here' | 'everywhere' = 'here'): Promise<void> {
  await call(where === 'here' ? '/api/sign-in' : '/api/sign-in/everywhere', { method: 'DELETE' });
  await forgetKeptPages();
  forgetSeen();
  window.location.assign('/sign-in');
}
