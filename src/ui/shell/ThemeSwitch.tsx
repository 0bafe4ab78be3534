'use client';
import { Moon, Sun } from 'lucide-react';
import { useSyncExternalStore, type ReactNode } from 'react';
import { chooseTheme, isNight, onTheme } from '../kit/theme';

/** Day enamel or night oven, at one press. Settings offer the device's own choice besides. */
export function ThemeSwitch({ night: served }: { readonly night: boolean }): ReactNode {
  const night = useSyncExternalStore(onTheme, isNight, () => served);
  return (
    <button
      type="button"
      onClick={() => chooseTheme(night ? 'day' : 'night')}
      aria-pressed={night}
      aria-label="Night oven: dark colours"
      className="rounded-full p-1.5 hover:bg-white/10"
    >
      {night ? <Sun aria-hidden size={18} /> : <Moon aria-hidden size={18} />}
    </button>
  );
}
