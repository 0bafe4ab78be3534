'use client';
import type { DogsView } from '@/contract/dogs';
import { Plus } from 'lucide-react';
import { Link } from '../kit/Link';
import { useRouter } from 'next/navigation';
import type { ReactNode } from 'react';
import { Alert } from '../kit/Alert';
import { counted } from '@/core/quantities';
import { Button, buttonClass } from '../kit/Button';
import { Needs } from '../kit/Needs';
import { PageHead } from '../kit/PageHead';
import { Panel } from '../kit/Panel';
import { SearchField } from '../kit/SearchField';
import { DogSheet } from './DogSheet';
import { LikedTable } from './LikedTable';
import { TrainingPlan } from './TrainingPlan';
import { TreatTable } from './TreatTable';
import { useDogs } from './use-dogs';
import { PageTitle } from '../shell/PageTitle';

/** Which dog may have what, how many a day, and why not more. */
export function DogsPage({ allergens, ...view }: DogsView): ReactNode {
  const { dogs, recipes, find, from, total } = view;
  const router = useRouter();
  const { open, at, trouble, pick, add, drop, again } = useDogs(view);
  return (
    <main className="mx-auto flex max-w-[1280px] flex-col gap-3 px-6 py-4">
      <PageTitle>Dogs</PageTitle>
      <PageHead title="Dogs" says="who may have what, how many a day, and why not more">
        <Needs role="baker">
          <Button onClick={() => void add()}>
            <Plus aria-hidden size={16} /> Add a dog
          </Button>
        </Needs>
      </PageHead>
      <Alert>{trouble}</Alert>
      {dogs.length === 0 && <p className="text-soft">No dog yet. Add one, and every recipe says what it may have.</p>}
      <Needs role="baker" told="what is known of a dog is changed by">
        {open && <DogSheet key={open.id} dog={open} allergens={allergens} onSaved={again} onDrop={() => void drop(open.id)} />}
      </Needs>
      {dogs.length > 0 && (
        <Panel label="Dogs and treats" className="px-4 py-3">
          {(find !== '' || total > recipes.length) && (
            <div className="flex flex-wrap items-center gap-3 pb-2 text-[15px]">
              <SearchField
                label="Find a recipe"
                placeholder="name, ingredient …"
                value={find}
                onSearch={(typed) => router.replace(addressOf(typed, 0), { scroll: false })}
              />
              <span className="text-soft">
                {recipes.length} of {counted(total, 'recipe')}
              </span>
              {from > 0 && (
                <Link className={buttonClass('small')} href={addressOf(find, 0)}>
                  To the first
                </Link>
              )}
              {from + recipes.length < total && (
                <Link className={buttonClass('small')} href={addressOf(find, from + recipes.length)}>
                  More recipes
                </Link>
              )}
            </div>
          )}
          <TreatTable {...view} openId={open?.id} onOpen={pick} />
          {open && at >= 0 && recipes.length > 0 && (
            <TrainingPlan key={open.id} name={open.document.name} at={at} recipes={recipes} />
          )}
        </Panel>
      )}
      <LikedTable liked={view.liked} />
      <p className="text-[13px] text-soft">
        Counted from what is in a piece and a tenth of a day’s energy; nothing found is not a promise. Ask your vet, above all for
        pups, old dogs and any illness.
      </p>
    </main>
  );
}

function addressOf(find: string, from: number): string {
  const asked = new URLSearchParams({ ...(find === '' ? {} : { find }), ...(from === 0 ? {} : { from: String(from) }) });
  return asked.size > 0 ? `/dogs?${asked.toString()}` : '/dogs';
}
