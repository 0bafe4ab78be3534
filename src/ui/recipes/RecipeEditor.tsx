'use client';
import { Redo2, Undo2 } from 'lucide-react';
import { useEffect, useMemo, useState, type ReactNode } from 'react';
import { METHOD_NAMES, STARTING_METHODS, startingPoint, type BatchDocument, type Method, type RecipeStep } from '@/core/batch';
import { FEEL_WORDS } from '@/core/dough';
import type { Failure } from '@/core/failure';
import { screen, type Dog } from '@/core/feeding';
import { sharesOf, type Pantry } from '@/core/pantry';
import type { KitchenGoods, Likely } from '@/workers/protocol';
import { duration, mass, money, span } from '../format/units';
import { FEEL_NAMES } from '../format/words';
import { IngredientTable } from '../ingredients/IngredientTable';
import type { Habits } from '../ingredients/habits';
import { linesInBowl } from '../batch/weigh/bowl';
import { useBatch } from '../batch/use-batch';
import { Button, pill } from '../kit/Button';
import { CautionsOf } from '../kit/CautionMark';
import { Choice } from '../kit/Choice';
import { FeelGauge } from '../kit/FeelGauge';
import { NumberField } from '../kit/NumberField';
import { Plate } from '../kit/Plate';
import { WhoMay } from '../kit/WhoMay';
import { CompositionBar } from './CompositionBar';
import { PasteRecipe } from './PasteRecipe';
import { StepsEditor } from './StepsEditor';

type RecipeEditorProps = {
  /** The recipe that is edited; null for a new one. */
  readonly saved: { readonly id: string; readonly revision: number } | null;
  readonly document: BatchDocument;
  readonly pantry: KitchenGoods['pantry'];
  readonly prices: Omit<KitchenGoods, 'pantry'>;
  readonly habits: Habits;
  readonly dogs: readonly Dog[];
};

/** A recipe being written: what it says on the left, what its dough will be on the right, at once. */
export function RecipeEditor({ saved, document: first, pantry: rows, prices, habits, dogs }: RecipeEditorProps): ReactNode {
  const goods = useMemo<KitchenGoods>(() => ({ pantry: rows, ...prices }), [rows, prices]);
  const pantry = useMemo<Pantry>(() => new Map(rows.map((row) => [row.id, row])), [rows]);
  const { document, edits, likely, failure, canUndo, canRedo } = useBatch(first, goods);
  const saving = useSaveRecipe(saved, document);
  const [pasting, setPasting] = useState(saved === null);
  useUndoKeys(edits, saving.save);
  const { recipe } = document;
  const steps = recipe.steps ?? [];
  return (
    <main className="mx-auto max-w-[1232px] px-6 py-4">
      <header className="flex flex-wrap items-center gap-x-3 gap-y-2 pb-3">
        <h1 className="text-[27px]">{saved ? 'Edit the recipe' : 'Write a recipe'}</h1>
        <span className="flex-1" />
        <Button disabled={!canUndo} onClick={edits.undo} aria-keyshortcuts="Control+Z">
          <Undo2 aria-hidden size={16} /> Undo
        </Button>
        <Button disabled={!canRedo} onClick={edits.redo} aria-keyshortcuts="Control+Y">
          <Redo2 aria-hidden size={16} /> Redo
        </Button>
        <a className={pill()} href={saved ? `/recipes/${saved.id}` : '/recipes'}>
          Leave it
        </a>
        <Button
          look="main"
          disabled={recipe.ingredients.length === 0 || saving.busy}
          onClick={saving.save}
          aria-keyshortcuts="Control+S"
        >
          {saved ? `Save as version ${saved.revision + 1}` : 'Put it into the book'}
        </Button>
      </header>
      {saving.wrong && (
        <p role="alert" className="mb-3 rounded-2xl border-[1.6px] border-stop bg-face px-4 py-2">
          <strong className="text-stop">Not saved.</strong> {saving.wrong.message}{' '}
          {saving.wrong.code === 'CHANGED_ELSEWHERE' && (
            <Button look="small" onClick={saving.saveAsCopy}>
              Keep mine as a copy
            </Button>
          )}
        </p>
      )}
      <div className="grid gap-3 lg:grid-cols-[1fr_21rem]">
        <div className="flex min-w-0 flex-col gap-3">
          <Plate label="Name and way" className="flex flex-wrap items-center gap-x-4 gap-y-2 px-5 py-3">
            <label className="flex min-w-64 flex-1 items-center gap-2">
              <span className="text-soft">Name</span>
              <input
                value={recipe.name ?? ''}
                maxLength={200}
                onChange={({ target }) => edits.set(['recipe', 'name'], target.value)}
                className="flex-1 rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2 py-0.5 font-semibold focus:border-rim"
              />
            </label>
            <Choice
              label="made"
              value={recipe.method ?? ''}
              options={methodOptions(recipe.method)}
              onChange={(method) => method !== '' && takeMethod(method, saved === null, edits)}
            />
            <NumberField
              label="stands for"
              unit="min"
              width="w-8"
              value={recipe.rest_minutes ?? 10}
              min={0}
              max={1440}
              step={5}
              onChange={(minutes) => edits.set(['recipe', 'rest_minutes'], minutes)}
            />
            <label className="flex w-full items-center gap-2">
              <span className="text-soft">In a line</span>
              <input
                value={recipe.summary ?? ''}
                maxLength={1000}
                onChange={({ target }) => edits.set(['recipe', 'summary'], target.value || undefined)}
                className="flex-1 rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2 py-0.5 focus:border-rim"
              />
            </label>
          </Plate>
          <Plate label="Ingredients" className="px-5 py-3">
            <h2 className="flex items-center gap-3 pb-1 text-[17px]">
              Ingredients
              <Button look="small" aria-expanded={pasting} onClick={() => setPasting(!pasting)}>
                {pasting ? 'Hide the paper' : 'Type or paste a recipe'}
              </Button>
            </h2>
            {pasting && (
              <PasteRecipe
                pantry={pantry}
                onDocument={(next) => edits.set([], next)}
                onTake={({ name, lines, steps: written }) => {
                  edits.change<BatchDocument>([], (now) => withReading(now, name, lines, written));
                  setPasting(false);
                }}
              />
            )}
            {(recipe.ingredients.length > 0 || !pasting) && (
              <IngredientTable
                recipe={recipe}
                dough={failure ? null : (likely?.prediction.dough ?? null)}
                pantry={pantry}
                habits={habits}
                withNotes
                onAmount={(i, amount) => edits.set(['recipe', 'ingredients', i, 'amount'], amount)}
                onLines={(next) => edits.change(['recipe', 'ingredients'], next)}
              />
            )}
          </Plate>
          <Plate label="Steps" className="px-5 py-3">
            <h2 className="pb-1.5 text-[17px]">Steps</h2>
            <StepsEditor
              steps={steps}
              onText={(i, text) => edits.set(['recipe', 'steps', i, 'text'], text)}
              onSteps={(next) => edits.change<readonly RecipeStep[] | undefined>(['recipe', 'steps'], (now) => next(now ?? []))}
            />
          </Plate>
        </div>
        <DoughSide
          likely={likely}
          failure={failure}
          empty={recipe.ingredients.length === 0}
          document={document}
          pantry={pantry}
          dogs={dogs}
        />
      </div>
    </main>
  );
}

const isStart = (method: Method): method is (typeof STARTING_METHODS)[number] =>
  (STARTING_METHODS as readonly Method[]).includes(method);

function methodOptions(now: Method | undefined): ReadonlyArray<{ readonly value: Method | ''; readonly name: string }> {
  const known = now && !isStart(now) ? [now, ...STARTING_METHODS] : STARTING_METHODS;
  return [
    ...(now ? [] : [{ value: '' as const, name: 'choose a way' }]),
    ...known.map((value) => ({ value, name: METHOD_NAMES[value].toLowerCase() })),
  ];
}

/** A new recipe takes its shape and programme from the way it is made; one that is there keeps its own. */
function takeMethod(method: Method, fresh: boolean, edits: ReturnType<typeof useBatch>['edits']): void {
  edits.change<BatchDocument>([], (now) => {
    const start = fresh && isStart(method) ? startingPoint(method) : null;
    return { ...now, ...(start ? { shape: start.shape, heat: start.heat } : {}), recipe: { ...now.recipe, method } };
  });
}

const withReading = (
  now: BatchDocument,
  name: string,
  lines: BatchDocument['recipe']['ingredients'],
  steps: readonly string[],
): BatchDocument => ({
  ...now,
  recipe: {
    ...now.recipe,
    ...(name && !now.recipe.name ? { name } : {}),
    ingredients: [...now.recipe.ingredients, ...lines],
    ...(steps.length > 0
      ? { steps: [...(now.recipe.steps ?? []), ...steps.map((text) => ({ text: text.slice(0, 1000) }))] }
      : {}),
  },
});

type DoughSideProps = {
  readonly likely: Likely | null;
  readonly failure: Failure | null;
  readonly empty: boolean;
  readonly document: BatchDocument;
  readonly pantry: Pantry;
  readonly dogs: readonly Dog[];
};

/** What the dough will be, as one writes. */
function DoughSide({ likely, failure, empty, document, pantry, dogs }: DoughSideProps): ReactNode {
  if (empty || failure || !likely)
    return (
      <Plate label="The dough" className="self-start px-5 py-4">
        <h2 className="text-[17px]">The dough</h2>
        {empty ? (
          <p className="text-[14.5px] text-soft">
            Add ingredients, or paste a recipe: what the dough is made of and how it will feel appears here.
          </p>
        ) : failure ? (
          <p role="alert">
            <strong className="text-stop">This cannot be worked out yet.</strong> {failure.message}
          </p>
        ) : (
          <p role="status">Working it out …</p>
        )}
      </Plate>
    );
  const { dough, yield: out, outcome, keeps, cost, heat, cautions, blocked_by } = likely.prediction;
  const lines = linesInBowl(document, dough, pantry);
  const figures: ReadonlyArray<readonly [string, string]> = [
    ['pieces', String(out.pieces)],
    ['heat', duration(heat.minutes)],
    ['ends', outcome.texture],
    ['keeps', span(keeps[0].days)],
    ['100 g of dough', cost ? money(cost.dough_per_100g, cost.currency) + (cost.missing.length > 0 ? ', in part' : '') : '–'],
  ];
  return (
    <Plate label="The dough" className="flex flex-col gap-2 self-start px-5 py-3 lg:sticky lg:top-16">
      <h2 className="text-[17px]">The dough, {mass(dough.mass_g)}</h2>
      {lines.length > 0 && <CompositionBar shares={sharesOf(lines)} />}
      <p>
        <strong className="font-display text-[20px]">{FEEL_NAMES[dough.feel]}</strong>{' '}
        <span className="text-[14px] text-soft">{FEEL_WORDS[dough.feel]}</span>
      </p>
      <FeelGauge
        index={dough.feel_index}
        low={dough.feel_index_low}
        high={dough.feel_index_high}
        crumbleEdge={likely.drawing.feel.crumbleEdge}
      />
      <dl className="grid grid-cols-2 gap-x-3 gap-y-1 text-[14px]">
        {figures.map(([name, figure]) => (
          <div key={name} className="flex justify-between gap-2 border-t border-hair pt-0.5">
            <dt className="text-soft">{name}</dt>
            <dd className="text-right font-semibold">{figure}</dd>
          </div>
        ))}
      </dl>
      <WhoMay verdicts={screen(lines, dogs).dogs} blocked={blocked_by.length > 0} nameOf={(id) => pantry.get(id)?.name ?? id} />
      <CautionsOf cautions={cautions.filter(({ severity }) => severity !== 'note')} steps={['mix', 'heat']} />
    </Plate>
  );
}

type Wrong = { readonly code: string; readonly message: string };

/** Saves a recipe when asked to: each save is a version. */
function useSaveRecipe(
  saved: RecipeEditorProps['saved'],
  document: BatchDocument,
): { busy: boolean; wrong: Wrong | null; save: () => void; saveAsCopy: () => void } {
  const [busy, setBusy] = useState(false);
  const [wrong, setWrong] = useState<Wrong | null>(null);
  const send = async (address: string, method: 'POST' | 'PATCH', body: unknown): Promise<void> => {
    setBusy(true);
    setWrong(null);
    try {
      const response = await fetch(address, {
        method,
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body),
      });
      const answer = (await response.json()) as { id?: string; error?: Wrong };
      if (!answer.error) return window.location.assign(`/recipes/${answer.id ?? saved?.id ?? ''}`);
      setWrong(answer.error);
    } catch {
      setWrong({ code: 'OFFLINE', message: 'The oven does not answer. Leave this page open and save again in a moment.' });
    }
    setBusy(false);
  };
  const asNew = (): void => void send('/api/recipes', 'POST', document);
  return {
    busy,
    wrong,
    save: () => (saved ? void send(`/api/recipes/${saved.id}`, 'PATCH', { revision: saved.revision, document }) : asNew()),
    saveAsCopy: asNew,
  };
}

/** Ctrl+Z and Ctrl+Y walk the changes, Ctrl+S saves. */
function useUndoKeys({ undo, redo }: { undo: () => void; redo: () => void }, save: () => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (!event.ctrlKey && !event.metaKey) return;
      const act = { z: event.shiftKey ? redo : undo, y: redo, s: save }[event.key.toLowerCase()];
      // A text being typed has its own undo.
      const typing = event.target instanceof HTMLElement && event.target.matches('textarea');
      if (!act || (typing && event.key.toLowerCase() !== 's')) return;
      event.preventDefault();
      act();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [undo, redo, save]);
}
