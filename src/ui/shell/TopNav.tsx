import { Link } from '../kit/Link';
import type { ReactNode } from 'react';
import type { Me } from '@/contract/people';
import type { KitchenChoice } from '@/contract/kitchens';
import { HelpButton } from '../help/HelpButton';
import { KitchenSwitch } from './KitchenSwitch';
import { MorePlaces } from './MorePlaces';
import { NavLink } from './NavLink';
import { placesOf } from './places';
import { ThemeSwitch } from './ThemeSwitch';

type TopRailProps = {
  /** Null while there is no kitchen, or it cannot be reached. */
  readonly rail: {
    readonly kitchen: KitchenChoice;
    readonly kitchens: readonly KitchenChoice[];
    readonly me: Me | null;
    /** The batch to carry on with. */
    readonly openBatch: string | null;
  } | null;
  readonly night: boolean;
  /** Nobody is signed in who may see the places. */
  readonly closed: boolean;
};

/** The places in working order, and which kitchen they are in. */
export function TopNav({ rail, night, closed }: TopRailProps): ReactNode {
  const places = closed ? [] : placesOf(rail?.openBatch ?? null);
  return (
    <header className="speckled print:hidden sticky top-0 z-20 flex h-[52px] items-center gap-4 bg-rail px-6 max-sm:gap-2 max-sm:px-3 text-rail-ink max-lg:static">
      <Link href="/" className="flex items-center gap-2.5 font-display text-[20px] font-semibold whitespace-nowrap">
        <svg viewBox="0 0 32 32" width="26" height="26" className="shrink-0" aria-hidden>
          <rect x="1" y="1" width="30" height="30" rx="8" fill="#fdfbf6" />
          <path d="M6 19a10 10 0 0 1 20 0z" fill="#cf4520" />
          <path d="M5 22h22" stroke="#1d3b53" strokeWidth="2.6" strokeLinecap="round" />
          <path
            d="M11 8c-1-2 1-2.6 0-4.6M16 7c-1-2 1-2.6 0-4.6M21 8c-1-2 1-2.6 0-4.6"
            stroke="#177a87"
            strokeWidth="1.6"
            fill="none"
            strokeLinecap="round"
          />
        </svg>
        <span className="sm:max-lg:sr-only max-[24rem]:sr-only">Upbeat Oven</span>
      </Link>
      <nav aria-label="Places" className="flex items-center gap-0.5 whitespace-nowrap max-sm:hidden">
        {places.map(({ href, place, name, more }) => (
          <NavLink key={href} href={href} place={place} className={more ? 'max-lg:hidden' : ''}>
            {name}
          </NavLink>
        ))}
        {places.length > 0 && (
          <MorePlaces places={places.filter(({ more }) => more)} className="rounded-full px-2.5 py-1 lg:hidden" />
        )}
      </nav>
      <span className="flex-1" />
      {rail && <KitchenSwitch kitchen={rail.kitchen} kitchens={rail.kitchens} me={rail.me} />}
      <HelpButton className="grid place-items-center rounded-full p-1.5 hover:bg-white/10" />
      <ThemeSwitch night={night} />
    </header>
  );
}
