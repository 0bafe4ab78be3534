'use client';
import { CalendarDays, CookingPot, Flame, NotebookText, type LucideIcon } from 'lucide-react';
import { Link } from '../kit/Link';
import type { ReactNode } from 'react';
import { MorePlaces } from './MorePlaces';
import { placesOf, thumbPlaces } from './places';
import { usePlace } from './use-place';

const ICONS: Readonly<Record<string, LucideIcon>> = { '': CalendarDays, batch: CookingPot, recipes: NotebookText, oven: Flame };

/** A lidded jar; the icons that come with the house have none. */
const Jar = (): ReactNode => (
  <svg
    aria-hidden
    viewBox="0 0 24 24"
    width={20}
    height={20}
    fill="none"
    stroke="currentColor"
    strokeWidth={2}
    strokeLinejoin="round"
  >
    <path d="M7 3h10v4H7zM7.5 7C6 8.5 5 9.5 5 12v7a2 2 0 0 0 2 2h10a2 2 0 0 0 2-2v-7c0-2.5-1-3.5-2.5-5M5 14h14" />
  </svg>
);

const ITEM = 'flex min-w-0 flex-1 flex-col items-center justify-center gap-0.5 rounded-xl px-0.5 text-[12.5px] leading-tight';

/** On a phone: the places of the moment under the thumb, and all others one press further. At the oven there is only the oven. */
export function BottomBar({ openBatch }: { readonly openBatch: string | null }): ReactNode {
  const here = usePlace();
  if (here === 'oven') return null;
  const { bar, rest } = thumbPlaces(placesOf(openBatch));
  return (
    <nav
      aria-label="Places"
      className="fixed inset-x-0 bottom-0 z-30 short:static flex h-[calc(58px+env(safe-area-inset-bottom))] items-stretch gap-0.5 bg-rail px-1 pt-1 pb-[calc(4px+env(safe-area-inset-bottom))] text-rail-ink sm:hidden print:hidden"
    >
      {bar.map(({ href, place, name }) => {
        const Icon = ICONS[place] ?? Jar;
        return (
          <Link
            key={href}
            href={href}
            aria-current={here === place ? 'page' : undefined}
            className={`${ITEM} ${here === place ? 'bg-rail-ink font-semibold text-rail' : ''}`}
          >
            <Icon aria-hidden size={20} />
            {name}
          </Link>
        );
      })}
      <MorePlaces places={rest} up className={ITEM} />
    </nav>
  );
}
