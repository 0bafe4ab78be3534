'use client';
import { Trash2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { type RecipeLine, type RecipePart, RECIPE_LINE } from '@/core/document';
import { canBeMashed, freshnessOf, preparationOf, startFrom, type Ingredient } from '@/core/pantry';
import { asMarked, counted, onScale, type Unit } from '@/core/quantities';
import { mass } from '../format/units';
import { Button } from '../kit/Button';
import { CautionShape } from '../kit/CautionMark';
import { Choice } from '../kit/Choice';
import { Check } from '../kit/Check';
import { NumberField } from '../kit/NumberField';
import type { Habits } from './habits';
import { kitchenMeasure } from './kitchen-measure';
import { inUnit, optionOf, unitOptions } from './unit-options';
import { limits } from '../kit/limits';
import { intoPart } from './parts/change-parts';

type IngredientRowProps = {
  readonly line: RecipeLine;
  readonly parts: readonly RecipePart[];
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
/** Measures that are marked in halves, thirds, quarters and eighths. */
const MARKED_UNITS: ReadonlySet<Unit> = new Set<Unit>(['cup-us', 'cup-metric', 'cup-uk', 'tbsp', 'tsp']);
/** Amounts in these are understood in any unit of their kind: "1 lb 4 oz" in grams. */
const TYPED_UNITS = new Set(['g', 'kg', 'oz', 'lb', 'ml', 'l', 'tsp', 'tbsp']);

/** One line: as the recipe says, as the scale says, as a cup would. */
export function IngredientRow({
  line,
  parts,
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
    // On a phone: its name beside what can be done with it, then what is said and weighed, then what is about that.
    <tr className="border-t border-hair align-top max-sm:grid max-sm:grid-cols-[1fr_auto_auto] max-sm:items-baseline max-sm:gap-x-2">
      <td className="py-1.5 pr-3 max-sm:order-1 max-sm:col-span-2 max-sm:pb-0">
        <span className="inline-flex items-center gap-1.5 font-semibold">
          {row?.dogFlag === 'avoid' && <CautionShape severity="stop" />}
          {name}
        </span>
        <AsRecipeSays line={line} />
        <PartOf name={name} line={line} parts={parts} onLine={onLine} />
        <MashedTick row={row} line={line} onLine={onLine} />
        <PrepareLine row={row} planned_g={planned_g} note={withNotes ? undefined : line.note} />
        {more}
        {withNotes && <NoteField name={name} line={line} onLine={onLine} />}
      </td>
      <td className="py-1 whitespace-nowrap max-sm:order-3 max-sm:col-span-2">
        <Amount {...{ name, line, row, habits, onAmount, onLine }} />
      </td>
      <td className="max-sm:order-4 py-1.5 text-right font-display text-[18px] leading-tight font-semibold whitespace-nowrap">
        {scale &&
          (scale.useSpoon ? (
            <span className="font-text text-[14px] font-normal text-soft">use a spoon</span>
          ) : (
            mass(scale.mass_g)
          ))}
      </td>
      <td className="py-1.5 pl-5 max-sm:order-5 max-sm:col-span-3 max-sm:pt-0 max-sm:pl-0">
        <About measure={measure} />
      </td>
      <td className="py-1 text-right whitespace-nowrap max-sm:order-2">
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
      {measure.words} <span className="text-[13px] whitespace-nowrap text-soft">± {mass(Math.max(1, measure.scatter_g), 0)}</span>
    </>
  ) : (
    <span className="text-soft">weigh it</span>
  );
}

/** The range that a recipe gives. */
function AsRecipeSays({ line }: { readonly line: RecipeLine }): ReactNode {
  if (line.amount_low === undefined || line.amount_high === undefined) return null;
  return (
    <span className="block text-[13px] text-soft">
      written as {line.amount_low} to {line.amount_high}: start with the least
    </span>
  );
}

type PartOfProps = {
  readonly name: string;
  readonly line: RecipeLine;
  readonly parts: readonly RecipePart[];
  readonly onLine: (line: RecipeLine) => void;
};

/** Which part of the treat a line belongs to, where there are several. */
function PartOf({ name, line, parts, onLine }: PartOfProps): ReactNode {
  if (parts.length === 0) return null;
  const dough = parts.find(({ role }) => role === 'dough')?.name;
  return (
    <span className="block text-[13px]">
      <Choice
        label={`${name} goes into`}
        shown={false}
        quiet
        value={line.part ?? dough ?? ''}
        options={[
          ...(dough === undefined ? [{ value: '', name: 'in the dough' }] : []),
          ...parts.map((part) => ({ value: part.name, name: `in the ${part.name.toLowerCase()}` })),
        ]}
        onChange={(part) => onLine(intoPart(line, part === '' || part === dough ? null : part))}
      />
    </span>
  );
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
  return `keeps ${out}${counted(fridge_days, 'day')} in the fridge`;
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
      <NumberField
        label={`Amount of ${name} in the recipe`}
        shown={false}
        width="w-12"
        typedIn={TYPED_UNITS.has(line.unit) ? line.unit : ''}
        value={line.amount}
        {...limits(RECIPE_LINE.fields.amount)}
        step={FINE_UNITS.has(line.unit) ? 5 : 0.5}
        {...(MARKED_UNITS.has(line.unit) ? { written: asMarked } : {})}
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
