'use client';
import type { Me } from '@/contract/people';
import type { KitchenChoice } from '@/contract/kitchens';
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { ChevronDown, House } from 'lucide-react';
import { Link } from '../kit/Link';
import type { ReactNode } from 'react';
import { signOut } from '../people/sign-out';
import { chooseKitchen } from '../welcome/choose';

type KitchenSwitchProps = {
  readonly kitchen: KitchenChoice;
  readonly kitchens: readonly KitchenChoice[];
  /** Who is signed in; null where nobody needs to be known. */
  readonly me: Me | null;
};

const ITEM = 'block w-full cursor-pointer rounded-lg px-3 py-1 text-left data-[focus]:bg-crunch-pale';

/** Which kitchen this is, and the way to another one. */
export const KitchenSwitch = ({ kitchen, kitchens, me }: KitchenSwitchProps): ReactNode => (
  <Menu>
    <MenuButton className="inline-flex shrink-0 items-center gap-1 rounded-full px-1.5 py-1 text-[14px] hover:bg-white/10">
      {kitchen.is_demo ? (
        <span className="rounded-full bg-crunch-fill px-2 font-semibold text-[#182a38]">demo</span>
      ) : (
        <House aria-hidden size={17} className="xl:hidden" />
      )}
      <span className="max-w-40 truncate max-xl:sr-only">{kitchen.name}</span>
      <ChevronDown aria-hidden size={15} />
    </MenuButton>
    <MenuItems
      anchor="bottom end"
      className="z-40 w-72 rounded-xl border-[1.6px] border-rim bg-face p-1 text-[15px] text-ink outline-none [--anchor-gap:4px]"
    >
      {kitchens.map(({ id, name, is_demo }) => (
        <MenuItem key={id}>
          <button
            type="button"
            className={`${ITEM} ${id === kitchen.id ? 'font-semibold' : ''}`}
            onClick={() => (id === kitchen.id ? undefined : void chooseKitchen(id))}
          >
            {name}
            <span className="block text-[13.5px] font-normal text-soft">
              {[id === kitchen.id ? 'you are in it' : 'go there', is_demo ? 'made up, for looking around' : '']
                .filter(Boolean)
                .join(' · ')}
            </span>
          </button>
        </MenuItem>
      ))}
      <div className="my-1 border-t border-hair" />
      <MenuItem>
        <Link href="/kitchens/new" className={ITEM}>
          {kitchens.every(({ is_demo }) => is_demo) ? 'Set up my kitchen' : 'Set up another kitchen'}
        </Link>
      </MenuItem>
      <MenuItem>
        <Link href="/bin" className={ITEM}>
          Bin
        </Link>
      </MenuItem>
      <MenuItem>
        <Link href="/settings" className={ITEM}>
          Settings
        </Link>
      </MenuItem>
      {me && <SignOut me={me} />}
    </MenuItems>
  </Menu>
);

const SignOut = ({ me }: { readonly me: Me }): ReactNode => (
  <MenuItem>
    <button type="button" className={ITEM} onClick={() => void signOut()}>
      Sign out
      <span className="block text-[13.5px] text-soft">{me.role ? `${me.name}, ${me.role}` : me.name}</span>
    </button>
  </MenuItem>
);
