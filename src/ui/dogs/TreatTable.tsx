import type { DogsView, FedRecipe, SavedDog } from '@/contract/dogs';
import { useState, type ReactNode } from 'react';
import type { FeedingVerdict } from '@/core/feeding';
import { MAY_NAMES, limitWord, perDay, reasonWords } from './verdict-words';
import { bodyMass, mass } from '../format/units';

type TreatTableProps = Pick<DogsView, 'dogs' | 'recipes' | 'names'> & {
  readonly openId: string | undefined;
  readonly onOpen: (id: string) => void;
};

/** Every recipe against every dog: how many pieces a day, and why not more. */
export function TreatTable({ dogs, recipes, names, openId, onOpen }: TreatTableProps): ReactNode {
  const [picked, setPicked] = useState<RowProps['picked']>(null);
  return (
    <div className="max-h-[52vh] overflow-auto" tabIndex={0} role="region" aria-label="What each dog may have">
      <table className="stacked w-full border-collapse text-[14.5px]">
        <thead className="sticky top-0 z-10 bg-face">
          <tr className="text-left">
            <th className="pr-3 pb-1 font-normal text-soft">a piece of</th>
            {dogs.map(({ id, document: { name, weight_kg } }) => (
              <th key={id} className="pb-1 pr-2">
                <button
                  type="button"
                  aria-pressed={id === openId}
                  className={`rounded-full px-2.5 ${id === openId ? 'bg-crunch-pale' : 'hover:bg-enamel'}`}
                  onClick={() => onOpen(id)}
                >
                  <strong>{name}</strong> <span className="font-normal text-soft">{bodyMass(weight_kg)}</span>
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
  );
}

type RowProps = {
  readonly recipe: FedRecipe;
  readonly dogs: readonly SavedDog[];
  readonly names: DogsView['names'];
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
        <th scope="row" className="whole py-1 pr-3 text-left font-normal">
          {recipe.name}{' '}
          <span className="text-[13px] whitespace-nowrap text-soft">
            {mass(recipe.piece_g, 1)}, {recipe.kcal_per_piece.toFixed(1)} kcal
          </span>
        </th>
        {recipe.verdicts.map((verdict, i) => (
          <td key={dogs[i].id} data-head={dogs[i].document.name} className="pr-2">
            <button
              type="button"
              aria-expanded={i === openFor}
              aria-label={`${recipe.name} for ${dogs[i].document.name}: ${MAY_NAMES[verdict.may]}, ${verdict.may === 'no' ? 'none' : short(verdict)}`}
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
          <td colSpan={dogs.length + 1} className="whole rounded-xl bg-enamel px-3 py-1.5 text-[14px]">
            <strong>
              {dogs[openFor].document.name}: {MAY_NAMES[recipe.verdicts[openFor].may]}
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
