'use client';
import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import type { Prediction } from '@/core/prediction';
import type { FinishRole } from '@/core/catalogue';
import { isDoughLine, linesOfMix, usualMixes, type Recipe, type RecipeLine, type RecipePart } from '@/core/document';
import { rowOfLine, type Ingredient, type Pantry, type SlicedOff } from '@/core/pantry';
import { ROLE_WORDS } from '../format/words';
import { Choice } from '../kit/Choice';
import { IngredientPicker } from './IngredientPicker';
import { IngredientRow } from './IngredientRow';
import type { Habits } from './habits';
import { FINISHES, changedPart, intoPart, roleName, withPart, withoutPart } from './parts/change-parts';

// Most recipes are a dough and nothing else.
const PartHead = dynamic(() => import('./parts/PartHead').then((head) => head.PartHead));

/** Lines as they are changed; the list is replaced, so that each change is one step of undo. */
export type ChangeLines = (next: (lines: readonly RecipeLine[]) => readonly RecipeLine[]) => void;
/** The same for parts, which come and go with their lines. */
type ChangeRecipe = (next: (recipe: Recipe) => Recipe) => void;

type IngredientTableProps = {
  readonly recipe: Recipe;
  /** What was worked out of it; null until there is something. */
  readonly told: Pick<Prediction, 'dough' | 'parts' | 'yield'> | null;
  readonly pantry: Pantry;
  readonly habits: Habits;
  readonly onAmount: (line: number, amount: number) => void;
  readonly onLines: ChangeLines;
  readonly onRecipe: ChangeRecipe;
  /** Lets each line carry a word on how it is prepared. */
  readonly withNotes?: boolean;
  /** More about a line, under its name. */
  readonly more?: (line: number) => ReactNode;
  /** What else can be done with a line, beside taking it out. */
  readonly tools?: (line: number) => ReactNode;
  /** What slicing takes off what is weighed; undefined where it takes nothing. */
  readonly slicedOff?: SlicedOff | undefined;
  /** Another way to add to a part, beside picking an ingredient; `null` is the dough. */
  readonly adds?: (part: string | null) => ReactNode;
};

/** What is weighed, part by part: as the recipe says, as the scale says, as a cup would. */
export function IngredientTable(props: IngredientTableProps): ReactNode {
  const { recipe, pantry, onLines, onRecipe } = props;
  const { parts = [] } = recipe;
  const lines = recipe.ingredients.map((line, i) => ({ line, i }));
  const isFirst = (part: RecipePart): boolean => part === parts.find(({ role }) => role === 'dough');
  const unnamed = parts.some(({ role }) => role === 'dough') ? [] : lines.filter(({ line }) => line.part === undefined);
  return (
    <div>
      <table className="w-full border-collapse text-[15px] max-sm:block max-sm:[&_tbody]:block">
        <thead className="max-sm:sr-only">
          <tr className="text-left text-[14px] text-soft">
            <th className="py-1 font-normal">Ingredient</th>
            <th className="font-normal">Recipe says</th>
            <th className="w-24 text-right font-normal">Weigh</th>
            <th className="w-52 pl-5 font-normal max-lg:w-36">or about</th>
            <th>
              <span className="sr-only">Change</span>
            </th>
          </tr>
        </thead>
        {unnamed.length > 0 && <Lines {...props} of={unnamed} />}
        {parts.map((part, at) => {
          const of = lines.filter(({ line }) => line.part === part.name || (isFirst(part) && line.part === undefined));
          return (
            <Lines key={at} {...props} of={of}>
              <PartRows {...props} part={part} at={at} empty={of.length === 0} />
            </Lines>
          );
        })}
      </table>
      <div className="flex flex-wrap items-center gap-3 border-t border-hair pt-2">
        <IngredientPicker
          label="Add an ingredient"
          placeholder="Add an ingredient"
          pantry={pantry}
          onPick={(row) => onLines((now) => [...now, newLine(row)])}
        />
        {props.adds?.(null)}
        <Choice
          label="Put something on or in it"
          shown={false}
          value=""
          options={[
            { value: '', name: '+ wash, icing, filling …' },
            ...FINISHES.map((role) => ({ value: role, name: `${roleName(role)}, ${ROLE_WORDS[role]}` })),
          ]}
          onChange={(role) => role !== '' && onRecipe((now) => withPart(now, role))}
        />
      </div>
    </div>
  );
}

type PartRowsProps = IngredientTableProps & {
  readonly part: RecipePart;
  readonly at: number;
  /** Nothing is in it yet. */
  readonly empty: boolean;
};

/** The head of a part, and, where it is no dough, the way to add to it. */
function PartRows({ part, at, empty, told, pantry, onLines, onRecipe, adds }: PartRowsProps): ReactNode {
  return (
    <>
      <tr className="border-t-[1.6px] border-rim/40">
        <th colSpan={5} scope="rowgroup" className="pt-2.5 pb-1 text-left">
          <PartHead
            part={part}
            told={told?.parts[at] ?? null}
            pieces={told?.yield.pieces ?? 1}
            onPart={(next) => onRecipe((now) => changedPart(now, at, next))}
            onRemove={() => onRecipe((now) => withoutPart(now, at))}
          />
        </th>
      </tr>
      {part.role !== 'dough' && (
        <tr>
          <td colSpan={5} className="pb-1">
            <span className="flex flex-wrap items-center gap-3">
              <IngredientPicker
                label={`Add to the ${part.name}`}
                placeholder={`Add to the ${part.name.toLowerCase()}`}
                pantry={pantry}
                onPick={(row) => onLines((now) => [...now, intoPart(newLine(row), part.name)])}
              />
              {adds?.(part.name)}
              {empty && <UsualMixes part={part} role={part.role} onLines={onLines} />}
            </span>
          </td>
        </tr>
      )}
    </>
  );
}

type UsualMixesProps = Pick<IngredientTableProps, 'onLines'> & { readonly part: RecipePart; readonly role: FinishRole };

/** A part that is still empty begins with what its kind is usually mixed of. */
function UsualMixes({ part: { name }, role, onLines }: UsualMixesProps): ReactNode {
  const mixes = usualMixes(role);
  if (mixes.length === 0) return null;
  return (
    <Choice
      label={`A usual mix for the ${name}`}
      shown={false}
      value=""
      options={[{ value: '', name: 'or a usual one …' }, ...mixes.map((mix) => ({ value: mix.name, name: mix.name }))]}
      onChange={(picked) => {
        const mix = mixes.find((one) => one.name === picked);
        if (mix) onLines((now) => [...now, ...linesOfMix(mix, name)]);
      }}
    />
  );
}

type LinesProps = IngredientTableProps & {
  readonly of: ReadonlyArray<{ readonly line: RecipeLine; readonly i: number }>;
  readonly children?: ReactNode;
};

/** The lines of one part under its head. */
function Lines({
  of,
  children,
  recipe,
  told,
  pantry,
  habits,
  onAmount,
  onLines,
  withNotes = false,
  slicedOff,
  more,
  tools,
}: LinesProps): ReactNode {
  return (
    <tbody>
      {children}
      {of.map(({ line, i }) => (
        <IngredientRow
          key={`${line.ingredient}-${i}`}
          line={line}
          parts={recipe.parts ?? []}
          row={rowOfLine(line, pantry, slicedOff)}
          planned_g={told?.dough.ingredients[i]?.planned_g ?? null}
          habits={habits}
          onAmount={(amount) => onAmount(i, amount)}
          onLine={(next) => onLines((lines) => lines.map((old, at) => (at === i ? next : old)))}
          withNotes={withNotes}
          onRemove={() => onLines((lines) => lines.filter((_, at) => at !== i))}
          more={more?.(i)}
          tools={tools?.(i)}
        />
      ))}
    </tbody>
  );
}

/** A new line starts at an amount that one notices and changes. */
const newLine = (row: Ingredient): RecipeLine =>
  row.countWeights.length > 0 && row.category === 'egg'
    ? { ingredient: row.id, amount: 1, unit: 'each' }
    : { ingredient: row.id, amount: row.category === 'spice/herb' || row.category === 'leavening' ? 5 : 100, unit: 'g' };

/** "for the glaze"; nothing where the whole recipe is one dough. */
export function partWords(recipe: Recipe, line: RecipeLine): string {
  const one = (recipe.parts ?? []).filter(({ role }) => role === 'dough').length < 2;
  return line.part === undefined || (one && isDoughLine(recipe, line)) ? '' : `for the ${line.part.toLowerCase()}`;
}
