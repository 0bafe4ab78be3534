import { call } from '../kit/api';

/** Signs out and goes to sign in: nothing of what was shown stays on the screen. */
export async function signOut(where: 'here' | 'everywhere' = 'here'): Promise<void> {
  await call(where === 'here' ? '/api/sign-in' : '/api/sign-in/everywhere', { method: 'DELETE' });
  window.location.assign('/sign-in');
}
