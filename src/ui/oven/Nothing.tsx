'use client';
import type { OvenView } from '@/contract/oven';
import { Link } from '../kit/Link';
import type { ReactNode } from 'react';
import { Button } from '../kit/Button';
import { PlannedSearch } from '../kit/PlannedSearch';
import { usePlanned } from '../kit/use-planned';

type NothingProps = {
  readonly waiting: OvenView['waiting'];
  readonly send: (address: string, body: unknown) => Promise<boolean>;
};

/** Nothing is under way: what could begin. */
export function Nothing({ waiting, send }: NothingProps): ReactNode {
  const planned = usePlanned(waiting);
  return (
    <section aria-label="Nothing under way" className="m-auto flex max-w-lg flex-col gap-3 py-8">
      <p className="font-display text-[30px] leading-tight font-semibold">Nothing is at the oven.</p>
      <p className="text-soft">
        Begin a whole day from{' '}
        <Link className="underline" href="/day">
          Bake day
        </Link>
        , or one batch here. Its calls are kept by the kitchen: a reload, a sleeping phone or a dead battery lose nothing.
      </p>
      <PlannedSearch {...planned} />
      <ul className="flex flex-col gap-1.5">
        {planned.rows.map(({ id, name }) => (
          <li key={id} className="flex items-center justify-between gap-3 rounded-2xl border border-hair bg-face px-4 py-2">
            <strong>{name}</strong>
            <Button aria-label={`Begin ${name}`} onClick={() => void send('/api/oven', { batch: id })}>
              Begin
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
