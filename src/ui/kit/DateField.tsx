'use client';
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { ChevronDown, ChevronLeft, ChevronRight } from 'lucide-react';
import { useState, type KeyboardEvent, type ReactNode } from 'react';
import { addDays } from '@/core/quantities';
import { weekIn } from '@/core/said';
import { readerHere } from '../format/reader-here';
import { day } from '../format/units';
import { Button } from './Button';
import { monthAfter, monthDays } from './month-days';

const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
const MONTHS = 'January February March April May June July August September October November December'.split(' ');

type DateFieldProps = {
  readonly label: string;
  /** ISO; empty where none is chosen. */
  readonly value: string;
  /** Where one begins to look while none is chosen. */
  readonly from: string;
  readonly shown?: boolean;
  readonly onChange: (iso: string) => void;
};

/** A day, as the reader writes days, out of a month whose weeks begin where the reader's do. */
export function DateField({ label, value, from, shown = false, onChange }: DateFieldProps): ReactNode {
  return (
    <Popover className="relative inline-flex items-center gap-1.5">
      {shown && <span className="text-soft">{label}</span>}
      <PopoverButton
        aria-label={`${label}: ${value === '' ? 'choose a day' : day(value)}`}
        className="inline-flex items-center gap-1 rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2 py-0.5 font-semibold hover:border-rim"
      >
        {value === '' ? <span className="font-normal text-soft">choose a day</span> : day(value)}
        <ChevronDown aria-hidden size={15} className="text-soft" />
      </PopoverButton>
      <PopoverPanel
        anchor="bottom start"
        focus
        className="z-30 rounded-xl border-[1.6px] border-rim bg-face p-2 text-[15px] text-ink [--anchor-gap:4px]"
      >
        {({ close }) => (
          <Month
            from={value === '' ? from : value}
            chosen={value}
            onPick={(iso) => {
              close();
              if (iso !== value) onChange(iso);
            }}
          />
        )}
      </PopoverPanel>
    </Popover>
  );
}

type MonthProps = {
  readonly from: string;
  readonly chosen: string;
  readonly onPick: (iso: string) => void;
};

/** Arrow keys walk by days and weeks, Page keys by months; Enter takes the day. */
const KEYS: Readonly<Record<string, (iso: string) => string>> = {
  ArrowLeft: (iso) => addDays(iso, -1),
  ArrowRight: (iso) => addDays(iso, 1),
  ArrowUp: (iso) => addDays(iso, -7),
  ArrowDown: (iso) => addDays(iso, 7),
  PageUp: (iso) => monthAfter(iso, -1),
  PageDown: (iso) => monthAfter(iso, 1),
};

function Month({ from, chosen, onPick }: MonthProps): ReactNode {
  const [at, setAt] = useState(from);
  const week = weekIn(readerHere());
  const name = `${MONTHS[Number(at.slice(5, 7)) - 1]} ${at.slice(0, 4)}`;
  const walk = (event: KeyboardEvent): void => {
    const to = KEYS[event.key]?.(at);
    if (to === undefined) return;
    event.preventDefault();
    setAt(to);
    requestAnimationFrame(() => document.querySelector<HTMLElement>(`[data-day="${to}"]`)?.focus());
  };
  return (
    <div role="group" aria-label="Choose a day" onKeyDown={walk}>
      <p className="flex items-center justify-between pb-1">
        <Button look="quiet" aria-label="The month before" onClick={() => setAt(monthAfter(at, -1))}>
          <ChevronLeft aria-hidden size={18} />
        </Button>
        <strong aria-live="polite">{name}</strong>
        <Button look="quiet" aria-label="The month after" onClick={() => setAt(monthAfter(at, 1))}>
          <ChevronRight aria-hidden size={18} />
        </Button>
      </p>
      <div className="grid grid-cols-7 text-center">
        {week.map((one) => (
          <span key={one} className="px-1 text-[13px] text-soft">
            {WEEKDAYS[one]}
          </span>
        ))}
        {monthDays(at, week[0]).map((iso) => (
          <button
            key={iso}
            type="button"
            data-day={iso}
            tabIndex={iso === at ? 0 : -1}
            aria-label={day(iso)}
            aria-pressed={iso === chosen}
            className={`size-9 rounded-lg hover:bg-crunch-pale ${iso.slice(0, 7) === at.slice(0, 7) ? '' : 'text-soft'} ${iso === chosen ? 'bg-crunch-pale font-semibold' : ''}`}
            onClick={() => onPick(iso)}
          >
            {Number(iso.slice(8))}
          </button>
        ))}
      </div>
    </div>
  );
}
