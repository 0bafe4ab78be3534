'use client';
import { Trash2 } from 'lucide-react';
import type { ReactNode } from 'react';
import type { Prediction } from '@/core/prediction';
import { isDoughLine, type Recipe, type RecipeLine, RECIPE_LINE } from '@/core/document';
import { canBeMashed, freshnessOf, preparationOf, rowOfLine, startFrom, type Ingredient, type Pantry } from '@/core/pantry';
import { onScale } from '@/core/quantities';
import { mass, ounces } from '../format/units';
import { Button } from '../kit/Button';
import { CautionShape } from '../kit/CautionMark';
import { Choice } from '../kit/Choice';
import { Check } from '../kit/Check';
import { NumberField } from '../kit/NumberField';
import { IngredientPicker } from './IngredientPicker';
import type { Habits } from './habits';
import { kitchenMeasure } from './kitchen-measure';
import { inUnit, optionOf, unitOptions } from './unit-options';
import { limits } from '../kit/limits';

/** Lines as they are changed; the list is replaced, so that each change is one step of undo. */
export type ChangeLines = (next: (lines: readonly RecipeLine[]) => readonly RecipeLine[]) => void;

type IngredientTableProps = {
  readonly recipe: Recipe;
  readonly dough: Prediction['dough'] | null;
  readonly pantry: Pantry;
  readonly habits: Habits;
  readonly onAmount: (line: number, amount: number) => void;
  readonly onLines: ChangeLines;
  /** Lets each line carry a word on how it is prepared. */
  readonly withNotes?: boolean;
  /** More about a line, under its name. */
  readonly more?: (line: number) => ReactNode;
  /** What else can be done with a line, beside taking it out. */
  readonly tools?: (line: number) => ReactNode;
};

/** What goes into the bowl: as the recipe says, as the scale says, as a cup would. */
export function IngredientTable({
  recipe,
  dough,
  pantry,
  habits,
  onAmount,
  onLines,
  withNotes = false,
  more,
  tools,
}: IngredientTableProps): ReactNode {
  return (
    <div>
      <table className="w-full border-collapse text-[15px]">
        <thead>
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
        <tbody>
          {recipe.ingredients.map((line, i) => (
            <IngredientRow
              key={`${line.ingredient}-${i}`}
              line={line}
              partWords={partWords(recipe, line)}
              row={rowOfLine(line, pantry)}
              planned_g={dough?.ingredients[i]?.planned_g ?? null}
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
      </table>
      <div className="flex flex-wrap items-center gap-3 border-t border-hair pt-2">
        <IngredientPicker
          label="Add an ingredient"
          placeholder="Add an ingredient"
          pantry={pantry}
          onPick={(row) => onLines((lines) => [...lines, newLine(row)])}
        />
      </div>
    </div>
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

type IngredientRowProps = {
  readonly line: RecipeLine;
  readonly partWords: string;
  readonly row: Ingredient | undefined;
  readonly planned_g: number | null;
  readonly habits: Habits;
  readonly onAmount: (amount: number) => void;
  readonly onLine: (line: RecipeLine) => void;
  readonly onRemove: () => void;
  readonly withNotes: boolean;
  readonly more: ReactNode;
  readonly tools: ReactNode;
};

const FINE_UNITS = new Set(['g', 'ml']);
/** Amounts in these are understood in any unit of their kind: "1 lb 4 oz" in grams. */
const TYPED_UNITS = new Set(['g', 'kg', 'oz', 'lb', 'ml', 'l', 'tsp', 'tbsp']);

function IngredientRow({
  line,
  partWords: part,
  row,
  planned_g,
  habits,
  onAmount,
  onLine,
  onRemove,
  withNotes,
  more,
  tools,
}: IngredientRowProps): ReactNode {
  const name = row?.name ?? line.ingredient;
  const measure = row && planned_g !== null ? kitchenMeasure(row, planned_g, habits) : null;
  const scale = planned_g === null ? null : onScale(planned_g, habits.scale_step_g);
  return (
    <tr className="border-t border-hair align-top">
      <td className="py-1.5 pr-3">
        <span className="inline-flex items-center gap-1.5 font-semibold">
          {row?.dogFlag === 'avoid' && <CautionShape severity="stop" />}
          {name}
        </span>
        <AsRecipeSays line={line} part={part} />
        <MashedTick row={row} line={line} onLine={onLine} />
        <PrepareLine row={row} planned_g={planned_g} note={withNotes ? undefined : line.note} />
        {more}
        {withNotes && <NoteField name={name} line={line} onLine={onLine} />}
      </td>
      <td className="py-1 whitespace-nowrap">
        <Amount {...{ name, line, row, habits, onAmount, onLine }} />
      </td>
      <td className="py-1.5 text-right font-display text-[18px] leading-tight font-semibold whitespace-nowrap">
        {scale &&
          (scale.useSpoon ? (
            <span className="font-text text-[14px] font-normal text-soft">use a spoon</span>
          ) : (
            mass(scale.mass_g)
          ))}
        {scale && habits.measures !== 'metric' && !scale.useSpoon && (
          <span className="block font-text text-[13px] font-normal text-soft">{ounces(scale.mass_g)}</span>
        )}
      </td>
      <td className="py-1.5 pl-5">
        <About measure={measure} />
      </td>
      <td className="py-1 text-right whitespace-nowrap">
        {tools}
        <Button look="quiet" aria-label={`Take ${name} out`} title="Take it out" onClick={onRemove}>
          <Trash2 aria-hidden size={16} />
        </Button>
      </td>
    </tr>
  );
}

/** The spoons and cups that come nearest. */
function About({ measure }: { readonly measure: ReturnType<typeof kitchenMeasure> | null }): ReactNode {
  return measure ? (
    <>
      {measure.words}{' '}
      <span className="text-[13px] whitespace-nowrap text-soft">± {Math.max(1, Math.round(measure.scatter_g))} g</span>
    </>
  ) : (
    <span className="text-soft">weigh it</span>
  );
}

/** The part a line is for, and the range that a recipe gives. */
function AsRecipeSays({ line, part }: { readonly line: RecipeLine; readonly part: string }): ReactNode {
  const range =
    line.amount_low !== undefined && line.amount_high !== undefined
      ? `written as ${line.amount_low} to ${line.amount_high}: start with the least`
      : '';
  const words = [part, range].filter((one) => one !== '').join(' · ');
  return words === '' ? null : <span className="block text-[13px] text-soft">{words}</span>;
}

/** What to start from, and how long it stays good. */
function PrepareLine({
  row,
  planned_g,
  note,
}: {
  readonly row: Ingredient | undefined;
  readonly planned_g: number | null;
  readonly note: string | undefined;
}): ReactNode {
  const way = row ? preparationOf(row) : null;
  const clock = row ? clockWords(row) : '';
  const start =
    way && row && planned_g !== null && way.yield !== 1
      ? `${way.verb}: from ${mass(startFrom(row, planned_g))} ${way.from}`
      : (way?.verb ?? '');
  const words = [note, start, clock].filter(Boolean).join(' · ');
  return words === '' ? null : <p className="text-[13px] leading-snug text-soft">{words}</p>;
}

/** "good 6 h out, 2 days in the fridge"; empty for dry goods, whose pack has a date. */
export function clockWords(row: Ingredient): string {
  const { room_h, fridge_days } = freshnessOf(row);
  if (fridge_days === null) return '';
  const out = room_h !== null && room_h <= 8 ? `${room_h} h out, ` : '';
  return `keeps ${out}${fridge_days} day${fridge_days === 1 ? '' : 's'} in the fridge`;
}

type MashedTickProps = {
  readonly row: Ingredient | undefined;
  readonly line: RecipeLine;
  readonly onLine: (line: RecipeLine) => void;
};

/** Whole, a fruit or root keeps its water to itself; mashed, it wets the dough. */
function MashedTick({ row, line, onLine }: MashedTickProps): ReactNode {
  if (!row || (!line.mashed && !canBeMashed(row))) return null;
  return (
    <span className="block text-[13px] text-soft">
      <Check
        checked={line.mashed === true}
        title="Cells broken: its water wets the dough"
        onChange={(checked) => {
          const { mashed: _was, ...rest } = line;
          onLine(checked ? { ...rest, mashed: true } : rest);
        }}
      >
        <span className="sr-only">{row.name}: </span>mashed
      </Check>
    </span>
  );
}

type NoteFieldProps = { readonly name: string; readonly line: RecipeLine; readonly onLine: (line: RecipeLine) => void };

function NoteField({ name, line, onLine }: NoteFieldProps): ReactNode {
  return (
    <input
      aria-label={`Note on ${name}`}
      placeholder="a note"
      maxLength={200}
      value={line.note ?? ''}
      onChange={({ target }) => {
        const { note: _old, ...rest } = line;
        onLine(target.value === '' ? rest : { ...rest, note: target.value });
      }}
      className="block w-full max-w-64 rounded-md bg-transparent text-[13.5px] placeholder:text-soft/70 hover:bg-enamel focus:bg-enamel"
    />
  );
}

type AmountProps = {
  readonly name: string;
  readonly line: RecipeLine;
  readonly row: Ingredient | undefined;
  readonly habits: Habits;
  readonly onAmount: (amount: number) => void;
  readonly onLine: (line: RecipeLine) => void;
};

function Amount({ name, line, row, habits, onAmount, onLine }: AmountProps): ReactNode {
  const options = unitOptions(row);
  return (
    <>
      {' '}
      <NumberField
        label={`Amount of ${name} in the recipe`}
        shown={false}
        width="w-12"
        typedIn={TYPED_UNITS.has(line.unit) ? line.unit : ''}
        value={line.amount}
        {...limits(RECIPE_LINE.fields.amount)}
        step={FINE_UNITS.has(line.unit) ? 5 : 0.5}
        onChange={onAmount}
      />{' '}
      <Choice
        label={`Unit of ${name}`}
        shown={false}
        value={optionOf(line)}
        options={options}
        onChange={(value) => {
          const chosen = options.find((option) => option.value === value);
          if (chosen) onLine(inUnit(line, row, chosen, habits.cup_fill ?? 'unknown'));
        }}
      />
    </>
  );
}
