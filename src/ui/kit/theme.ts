import { THEMES, type Theme } from '@/contract/theme';

const YEAR_S = 31_536_000;
const DARK = '(prefers-color-scheme: dark)';

const listeners = new Set<() => void>();

/** Told when other colours were chosen, or the device turned to others. */
export function onTheme(listener: () => void): () => void {
  const device = window.matchMedia(DARK);
  listeners.add(listener);
  device.addEventListener('change', listener);
  return () => {
    listeners.delete(listener);
    device.removeEventListener('change', listener);
  };
}

/** What was chosen on this device. */
export const chosenTheme = (): Theme => THEMES.find((theme) => theme === document.documentElement.dataset.theme) ?? 'day';

/** Whether the page is dark just now. */
export function isNight(): boolean {
  const theme = chosenTheme();
  return theme === 'device' ? window.matchMedia(DARK).matches : theme === 'night';
}

/** Day enamel or night oven; the choice rides in a cookie, so that the server paints the right one at once. */
export function chooseTheme(theme: Theme): void {
  document.documentElement.dataset.theme = theme;
  document.cookie = `theme=${theme}; path=/; max-age=${YEAR_S}; samesite=lax`;
  for (const listener of listeners) listener();
}
