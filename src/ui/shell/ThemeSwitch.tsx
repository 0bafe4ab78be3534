'use client';
import { Moon, Sun } from 'lucide-react';
import { useState, type ReactNode } from 'react';

const YEAR_S = 31_536_000;

/** Day enamel or night oven; the choice rides in a cookie, so that the server paints the right one at once. */
export function ThemeSwitch({ night: first }: { readonly night: boolean }): ReactNode {
  const [night, setNight] = useState(first);
  const turn = (): void => {
    const next = !night;
    setNight(next);
    document.documentElement.dataset.theme = next ? 'night' : 'day';
    document.cookie = `theme=${next ? 'night' : 'day'}; path=/; max-age=${YEAR_S}; samesite=lax`;
  };
  return (
    <button
      type="button"
      onClick={turn}
      aria-pressed={night}
      aria-label="Night oven: dark colours"
      className="rounded-full p-1.5 hover:bg-white/10"
    >
      {night ? <Sun aria-hidden size={18} /> : <Moon aria-hidden size={18} />}
    </button>
  );
}
