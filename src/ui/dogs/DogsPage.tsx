'use client';
import type { DogView, FedRecipe } from '@/contract/dogs';
import { Plus } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useRef, useState, type ReactNode } from 'react';
import type { FeedingVerdict } from '@/core/feeding';
import { Button } from '../kit/Button';
import { Panel } from '../kit/Panel';
import { call, wrongWith } from '../kit/api';
import { DogSheet } from './DogSheet';
import { TrainingPlan } from './TrainingPlan';
import { newDog } from './dog-data';
import { MAY_NAMES, limitWord, perDay, reasonWords } from './verdict-words';

type DogsPageProps = {
  readonly dogs: readonly DogView[];
  readonly recipes: readonly FedRecipe[];
  readonly names: Readonly<Record<string, string>>;
  readonly allergens: readonly string[];
};

/** Which dog may have what, how many a day, and why not more. */
export function DogsPage({ dogs, recipes, names, allergens }: DogsPageProps): ReactNode {
  const router = useRouter();
  const [openId, setOpen] = useState(dogs[0]?.id ?? '');
  const [trouble, setTrouble] = useState<string | null>(null);
  const [picked, setPicked] = useState<{ recipe: string; dog: string } | null>(null);
  const [added, setAdded] = useState<DogView | null>(null);
  const at = dogs.findIndex(({ id }) => id === openId);
  // A dog that was just added stands open at once, not only when the kitchen has answered.
  const open = dogs[at] ?? (added?.id === openId ? added : undefined);

  const last = useRef<Promise<unknown>>(Promise.resolve());
  const keep = async ({ id, ...dog }: DogView): Promise<void> => {
    // One after the other: the newest must be the last to arrive.
    const sent = last.current.then(() => call(`/api/dogs/${id}`, { method: 'PUT', body: dog }).then(wrongWith));
    last.current = sent;
    const wrong = await sent;
    setTrouble(wrong);
    if (!wrong) router.refresh();
  };
  const add = (): void => {
    const dog = newDog(`dog-${Date.now().toString(36)}`);
    setAdded(dog);
    setOpen(dog.id);
    void keep(dog);
  };
  const drop = async (id: string): Promise<void> => {
    const wrong = wrongWith(await call(`/api/dogs/${id}`, { method: 'DELETE' }));
    setTrouble(wrong);
    if (!wrong) {
      setOpen(dogs.find((dog) => dog.id !== id)?.id ?? '');
      router.refresh();
    }
  };

  return (
    <main className="mx-auto flex max-w-[1280px] flex-col gap-3 px-6 py-4">
      <header className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <h1 className="text-[27px]">Dogs</h1>
        <p className="text-[14px] text-soft">who may have what, how many a day, and why not more</p>
        <span className="flex-1" />
        <Button onClick={add}>
          <Plus aria-hidden size={16} /> Add a dog
        </Button>
      </header>
      {trouble && (
        <p role="alert" className="rounded-2xl border-[1.6px] border-stop bg-face px-4 py-2 text-stop">
          {trouble}
        </p>
      )}
      {dogs.length === 0 && <p className="text-soft">No dog yet. Add one, and every recipe says what it may have.</p>}
      {open && (
        <DogSheet
          key={open.id}
          dog={open}
          allergens={allergens}
          onKeep={(next) => void keep(next)}
          onDrop={() => void drop(open.id)}
        />
      )}
      {dogs.length > 0 && (
        <Panel label="Dogs and treats" className="px-4 py-3">
          <div className="max-h-[52vh] overflow-auto" tabIndex={0} role="region" aria-label="What each dog may have">
            <table className="w-full border-collapse text-[14.5px]">
              <thead className="sticky top-0 z-10 bg-face">
                <tr className="text-left">
                  <th className="pr-3 pb-1 font-normal text-soft">a piece of</th>
                  {dogs.map((dog) => (
                    <th key={dog.id} className="pb-1 pr-2">
                      <button
                        type="button"
                        aria-pressed={dog.id === openId}
                        className={`rounded-full px-2.5 ${dog.id === openId ? 'bg-crunch-pale' : 'hover:bg-enamel'}`}
                        onClick={() => setOpen(dog.id)}
                      >
                        <strong>{dog.name}</strong> <span className="font-normal text-soft">{dog.weight_kg} kg</span>
                      </button>
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {recipes.map((recipe) => (
                  <RecipeRow key={recipe.id} recipe={recipe} dogs={dogs} names={names} picked={picked} onPick={setPicked} />
                ))}
              </tbody>
            </table>
          </div>
          {open && at >= 0 && recipes.length > 0 && <TrainingPlan key={open.id} dog={open} at={at} recipes={recipes} />}
        </Panel>
      )}
      <p className="text-[13px] text-soft">
        Counted from what is in a piece and a tenth of a day’s energy; nothing found is not a promise. Ask your vet, above all for
        pups, old dogs and any illness.
      </p>
    </main>
  );
}

type RowProps = {
  readonly recipe: FedRecipe;
  readonly dogs: readonly DogView[];
  readonly names: DogsPageProps['names'];
  readonly picked: { readonly recipe: string; readonly dog: string } | null;
  readonly onPick: (picked: { recipe: string; dog: string } | null) => void;
};

const LOOKS: Record<FeedingVerdict['may'], string> = {
  yes: 'border-moss/50 bg-moss-pale text-moss',
  few: 'border-crunch/50 bg-crunch-pale text-crunch',
  ask: 'border-mind text-mind',
  no: 'border-stop/60 text-stop',
};
const MARKS: Record<FeedingVerdict['may'], string> = { yes: '✓', few: '◐', ask: '?', no: '✕' };

function RecipeRow({ recipe, dogs, names, picked, onPick }: RowProps): ReactNode {
  const nameOf = (id: string): string => names[id] ?? id;
  const openFor = picked?.recipe === recipe.id ? dogs.findIndex(({ id }) => id === picked.dog) : -1;
  return (
    <>
      <tr className="border-t border-hair">
        <th scope="row" className="py-1 pr-3 text-left font-normal">
          {recipe.name}{' '}
          <span className="text-[13px] whitespace-nowrap text-soft">
            {recipe.piece_g.toFixed(1)} g, {recipe.kcal_per_piece.toFixed(1)} kcal
          </span>
        </th>
        {recipe.verdicts.map((verdict, i) => (
          <td key={dogs[i].id} className="pr-2">
            <button
              type="button"
              aria-expanded={i === openFor}
              aria-label={`${recipe.name} for ${dogs[i].name}: ${MAY_NAMES[verdict.may]}, ${verdict.may === 'no' ? 'none' : perDay(verdict.allowance)}`}
              className={`rounded-full border-[1.4px] px-2 text-[13.5px] font-semibold whitespace-nowrap ${LOOKS[verdict.may]}`}
              onClick={() => onPick(i === openFor ? null : { recipe: recipe.id, dog: dogs[i].id })}
            >
              <span aria-hidden>{MARKS[verdict.may]}</span> {verdict.may === 'no' ? 'no' : short(verdict)}
            </button>
          </td>
        ))}
      </tr>
      {openFor >= 0 && (
        <tr>
          <td colSpan={dogs.length + 1} className="rounded-xl bg-enamel px-3 py-1.5 text-[14px]">
            <strong>
              {dogs[openFor].name}: {MAY_NAMES[recipe.verdicts[openFor].may]}
              {recipe.verdicts[openFor].may === 'no' ? '. ' : `, up to ${perDay(recipe.verdicts[openFor].allowance)}. `}
            </strong>
            {recipe.verdicts[openFor].reasons.map((reason) => reasonWords(reason, nameOf)).join(' ')}{' '}
            <span className="text-soft">{allLimits(recipe.verdicts[openFor])}</span>
          </td>
        </tr>
      )}
    </>
  );
}

const short = ({ allowance: { pieces } }: FeedingVerdict): string =>
  pieces >= 1 ? `${pieces} a day` : ({ 0.25: '¼ a day', 0.5: '½ a day', 0.75: '¾ a day' }[pieces] ?? 'none');

const allLimits = ({ allowance: { by } }: FeedingVerdict): string =>
  `By itself, ${Object.entries(by)
    .sort(([, a], [, b]) => a - b)
    .map(
      ([limit, pieces]) =>
        `${limitWord(limit as Parameters<typeof limitWord>[0])} would allow ${pieces < 10 ? pieces.toFixed(1) : Math.floor(pieces)}`,
    )
    .join(', ')}.`;
