'use client';
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { Ellipsis } from 'lucide-react';
import { Link } from '../kit/Link';
import type { ReactNode } from 'react';
import type { Place } from './places';
import { usePlace } from './use-place';

type MorePlacesProps = {
  readonly places: readonly Place[];
  /** Opens upwards, from the bar under the thumb. */
  readonly up?: boolean;
  readonly className: string;
};

/** The places that have no room of their own. */
export function MorePlaces({ places, up = false, className }: MorePlacesProps): ReactNode {
  const here = usePlace();
  const inside = places.find(({ place }) => place === here);
  return (
    <Menu>
      <MenuButton className={`${className} ${inside ? 'bg-rail-ink font-semibold text-rail' : 'hover:bg-white/10'}`}>
        <Ellipsis aria-hidden size={18} className="inline" /> <span>{inside && !up ? inside.name : 'More'}</span>
      </MenuButton>
      <MenuItems
        anchor={up ? 'top end' : 'bottom end'}
        className="z-40 w-56 rounded-xl border-[1.6px] border-rim bg-face p-1 text-[16px] text-ink outline-none [--anchor-gap:6px]"
      >
        {places.map(({ href, place, name }) => (
          <MenuItem key={href}>
            <Link
              href={href}
              aria-current={place === here ? 'page' : undefined}
              className={`flex min-h-11 items-center rounded-lg px-3 data-[focus]:bg-crunch-pale ${place === here ? 'font-semibold' : ''}`}
            >
              {name}
            </Link>
          </MenuItem>
        ))}
      </MenuItems>
    </Menu>
  );
}
