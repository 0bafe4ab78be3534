'use client';
import { useEffect, useState, type ReactNode } from 'react';
import type { BatchDocument, RecipeLine } from '@/core/document';
import { rowOfLine, type Pantry } from '@/core/pantry';
import type { ReadLine } from '@/formats/recipe-text';
import { mass } from '../format/units';
import { IngredientPicker } from '../ingredients/IngredientPicker';
import { unitName } from '../ingredients/unit-options';
import { Alert } from '../kit/Alert';
import { Button } from '../kit/Button';
import { INCOMING_KEY, clearLines, linesTaken, type Answers, type Incoming } from './incoming';
import { call } from '../kit/api';

type PasteRecipeProps = {
  readonly pantry: Pantry;
  readonly onTake: (taken: {
    readonly name: string;
    readonly lines: readonly RecipeLine[];
    readonly steps: readonly string[];
  }) => void;
  readonly onDocument: (document: BatchDocument) => void;
};

/** Reading waits until the hand rests [ms]. */
const REST_MS = 300;

/** A recipe typed or pasted as it is written; beside it what was understood, and a question for what was not. */
export function PasteRecipe({ pantry, onTake, onDocument }: PasteRecipeProps): ReactNode {
  const [text, setText] = useState('');
  const { incoming, wrong } = useReading(text);
  /** Answers to questions, by the line as written. */
  const [answers, setAnswers] = useState<Answers>({});
  useEffect(() => {
    const brought = sessionStorage.getItem(INCOMING_KEY);
    if (brought === null) return;
    sessionStorage.removeItem(INCOMING_KEY);
    // A file that was brought in waits in the tab's store; it is there only once, on arrival.
    // eslint-disable-next-line react-hooks/set-state-in-effect
    setText(brought);
  }, []);
  return (
    <div className="grid gap-3 lg:grid-cols-[19rem_1fr]">
      <label className="flex flex-col gap-1">
        <span className="text-[14px] text-soft">
          Type or paste a recipe: one ingredient a line, then the steps. A saved page or a table will do too.
        </span>
        <textarea
          value={text}
          onChange={({ target }) => setText(target.value)}
          rows={12}
          spellCheck={false}
          placeholder={'2 1/2 cups wholemeal flour\n1 large egg\n1/3 cup thick beetroot purée\n\nMethod\n1. Mix, roll and cut.'}
          className="min-h-60 rounded-xl border-[1.4px] border-rim/55 bg-face px-3 py-2 text-[14.5px] leading-relaxed focus:border-rim"
        />
      </label>
      <div aria-live="polite" className="min-w-0">
        <Alert look="line">{wrong}</Alert>
        {!incoming && !wrong && (
          <p className="text-[14.5px] text-soft">
            What is understood appears here, line by line, with a question wherever something is left open.
          </p>
        )}
        {incoming?.kind === 'document' && (
          <p>
            This is a whole recipe file: {incoming.document.recipe.name ?? incoming.document.name ?? 'without a name'}.{' '}
            <Button look="main" onClick={() => onDocument(incoming.document)}>
              Take it as it is
            </Button>
          </p>
        )}
        {incoming?.kind === 'reading' && <Reading {...{ incoming, answers, pantry, onTake }} onAnswers={setAnswers} />}
      </div>
    </div>
  );
}

async function read(text: string, signal: AbortSignal): Promise<Incoming | string> {
  const answer = await call<Incoming>('/api/recipes/read', { raw: { content: text, type: 'text/plain' }, signal });
  return answer.ok ? answer.value : answer.message;
}

type ReadRowProps = {
  readonly line: ReadLine;
  readonly answer: string | null;
  readonly pantry: Pantry;
  readonly onAnswer: (ingredient: string) => void;
};

function ReadRow({ line, answer, pantry, onAnswer }: ReadRowProps): ReactNode {
  const row = rowOfLine({ ingredient: answer ?? line.ingredient ?? '', mashed: answer === null && line.mashed === true }, pantry);
  const { amount, unit } = line;
  const measure =
    amount === null || unit === null
      ? ''
      : unit === 'pinch' || unit === 'handful'
        ? `${amount} ${unit}`
        : `${Number(amount.toFixed(2))} ${unitName({ unit, ...(line.size ? { size: line.size } : {}) })}`;
  const range =
    line.amount_low !== null && line.amount_high !== null
      ? ` (${Number(line.amount_low.toFixed(2))} to ${Number(line.amount_high.toFixed(2))})`
      : '';
  const asks = line.question !== null && answer === null;
  return (
    <li className="border-t border-hair py-1.5 first:border-0">
      <span className={asks ? 'text-mind' : ''}>
        <span aria-hidden>{asks ? '? ' : '✓ '}</span>
        <strong>{row?.name ?? 'not known'}</strong> {measure}
        {range}
        {line.grams !== null && <span className="text-soft"> · {mass(line.grams)}</span>}
      </span>
      <span className="block text-[13px] text-soft">“{line.line}”</span>
      {asks && (
        <span className="flex flex-wrap items-center gap-2 text-[14px]">
          {line.question}
          {row && (
            <Button look="small" onClick={() => onAnswer(row.id)}>
              Yes, {row.name.toLowerCase()}
            </Button>
          )}
          <IngredientPicker
            label={`Which ingredient is "${line.line}"?`}
            placeholder="it is …"
            pantry={pantry}
            onPick={(picked) => onAnswer(picked.id)}
          />
        </span>
      )}
    </li>
  );
}

/** What a text says, read again a moment after it changed. */
function useReading(text: string): { readonly incoming: Incoming | null; readonly wrong: string | null } {
  const [incoming, setIncoming] = useState<Incoming | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  useEffect(() => {
    const stop = new AbortController();
    const timer = setTimeout(() => {
      if (text.trim() === '') setIncoming(null);
      else
        void read(text, stop.signal).then((answer) => {
          if (stop.signal.aborted) return;
          setWrong(typeof answer === 'string' ? answer : null);
          if (typeof answer !== 'string') setIncoming(answer);
        });
    }, REST_MS);
    return () => {
      clearTimeout(timer);
      stop.abort();
    };
  }, [text]);
  return { incoming, wrong };
}

type ReadingProps = {
  readonly incoming: Extract<Incoming, { kind: 'reading' }>;
  readonly answers: Answers;
  readonly onAnswers: (next: (now: Answers) => Answers) => void;
  readonly pantry: Pantry;
  readonly onTake: PasteRecipeProps['onTake'];
};

/** Line by line what was understood. */
function Reading({ incoming, answers, onAnswers, pantry, onTake }: ReadingProps): ReactNode {
  const lines = incoming.reading.ingredients;
  const clear = clearLines(incoming, answers);
  return (
    <>
      <ul className="max-h-72 overflow-y-auto text-[14.5px]" tabIndex={0} aria-label="What was understood">
        {lines.map((line, i) => (
          <ReadRow
            key={`${line.line}-${i}`}
            line={line}
            answer={answers[line.line] ?? null}
            pantry={pantry}
            onAnswer={(id) => onAnswers((now) => ({ ...now, [line.line]: id }))}
          />
        ))}
      </ul>
      <p className="flex flex-wrap items-center gap-3 pt-2">
        <Button
          look="main"
          disabled={lines.length === 0}
          onClick={() => onTake({ ...incoming.reading, lines: linesTaken(incoming, answers) })}
        >
          Put it into the recipe
        </Button>
        <span className="text-[14px] text-soft">
          {clear} of {lines.length} lines clear
          {clear < lines.length && '; lines whose ingredient or weight is not known are left out'}
          {incoming.reading.steps.length > 0 && ` · ${incoming.reading.steps.length} steps`}
        </span>
      </p>
    </>
  );
}
