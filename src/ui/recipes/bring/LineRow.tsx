'use client';
import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import { rowOfLine, type Pantry } from '@/core/pantry';
import type { Answer } from '@/formats/recipe-draft';
import type { ReadIngredient } from '@/formats/recipe-text';
import { mass, sentence } from '../../format/units';
import { Button } from '../../kit/Button';
import { NumberField } from '../../kit/NumberField';

// Only where a line names nothing that is known.
const IngredientPicker = dynamic(() => import('../../ingredients/IngredientPicker').then((way) => way.IngredientPicker));

type LineRowProps = {
  readonly line: ReadIngredient;
  readonly answer: Answer | undefined;
  readonly waits: boolean;
  readonly pantry: Pantry;
  readonly onAnswer: (answer: Answer | undefined) => void;
};

/** One line as it was understood; a question is answered where it stands. */
export function LineRow({ line, answer, waits, pantry, onAnswer }: LineRowProps): ReactNode {
  const id = answer?.ingredient ?? line.ingredient;
  const row =
    id === null ? undefined : rowOfLine({ ingredient: id, mashed: line.mashed === true && !answer?.ingredient }, pantry);
  const grams = answer?.grams ?? line.grams;
  const asks = line.question !== null && !answer?.right && !answer?.out && (waits || !answer);
  if (answer?.out)
    return (
      <li className="border-t border-hair py-1.5 text-soft first:border-0">
        <s>{line.line}</s> left out{' '}
        <Button look="small" aria-label={`Take "${line.line}" in again`} onClick={() => onAnswer(undefined)}>
          Take it in again
        </Button>
      </li>
    );
  return (
    <li className="border-t border-hair py-1.5 first:border-0" data-line={asks ? 'asks' : 'clear'}>
      <p className="flex flex-wrap items-baseline gap-x-2">
        <strong>{row?.name ?? 'Not known'}</strong>
        {grams !== null && <span className="font-semibold text-dough">{mass(grams)}</span>}
        {line.amount_low !== null && line.amount_high !== null && (
          <span className="text-[13.5px] text-soft">
            {Number(line.amount_low.toFixed(2))} to {Number(line.amount_high.toFixed(2))} {line.unit}: start with the least
          </span>
        )}
        <span className="text-[13.5px] text-soft">“{line.line}”</span>
      </p>
      {asks && <Question {...{ line, row, waits, pantry, onAnswer }} answer={answer ?? {}} />}
    </li>
  );
}

/** The words of a line without its amount and remarks: a name to begin with. */
const nameIn = (line: string): string =>
  line
    .replace(/^[\d\s/.,½¼¾⅓⅔–-]+(?:kg|g|ml|l|cups?|tbsp|tsp|oz|lbs?)?\b\s*/i, '')
    .replace(/\([^)]*\)|,.*$/g, '')
    .trim();

type QuestionProps = Omit<LineRowProps, 'answer'> & {
  readonly answer: Answer;
  readonly row: ReturnType<typeof rowOfLine>;
};

/** What is open about a line, and the right thing to answer it with. */
function Question({ line, row, waits, answer, pantry, onAnswer }: QuestionProps): ReactNode {
  const needsWeight = row !== undefined && (line.grams === null || line.amount === null) && answer.grams === undefined;
  return (
    <div className="mt-1 flex flex-wrap items-center gap-2 rounded-xl border border-mind-fill bg-crunch-pale/50 px-3 py-1.5 text-[14px]">
      <span className="w-full text-mind">{sentence(line.question ?? '')}</span>
      {row && !waits && (
        <Button
          look="small"
          className="whitespace-normal! text-left"
          onClick={() => onAnswer({ ...answer, right: true })}
          aria-label={`Yes, ${row.name}, for "${line.line}"`}
        >
          Yes, {row.name.toLowerCase()}
        </Button>
      )}
      {(line.choices ?? [])
        .filter((id) => id !== row?.id || waits)
        .flatMap((id) => pantry.get(id) ?? [])
        .map((choice) => (
          <Button
            key={choice.id}
            look="small"
            className="whitespace-normal! text-left"
            aria-label={`It is ${choice.name}, for "${line.line}"`}
            onClick={() => onAnswer({ ...answer, ingredient: choice.id })}
          >
            {choice.name}
          </Button>
        ))}
      {needsWeight && (
        <NumberField
          label={`Weight of "${line.line}"`}
          shown={false}
          unit="g"
          value={answer.grams ?? 0}
          min={0}
          max={100_000}
          step={5}
          onChange={(grams) => grams > 0 && onAnswer({ ...answer, grams })}
        />
      )}
      <IngredientPicker
        label={`Which ingredient is "${line.line}"?`}
        placeholder={row ? 'another ingredient' : 'it is …'}
        pantry={pantry}
        onPick={(picked) => onAnswer({ ...answer, ingredient: picked.id })}
      />
      <a className="text-[13.5px] underline" href={`/pantry?add=${encodeURIComponent(nameIn(line.line))}&back=/recipes/new`}>
        Add it to the pantry
      </a>
      <Button look="quiet" aria-label={`Leave it out: ${line.line}`} onClick={() => onAnswer({ out: true })}>
        Leave it out
      </Button>
    </div>
  );
}
