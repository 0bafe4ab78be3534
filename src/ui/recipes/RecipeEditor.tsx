'use client';
import dynamic from 'next/dynamic';
import { useEffect, useMemo, useState, type ComponentProps, type ReactNode } from 'react';
import {
  METHODS,
  METHOD_NAMES,
  startingPoint,
  withRecipe,
  type BatchDocument,
  type Method,
  type RecipeStep,
  RECIPE,
} from '@/core/document';
import type { Dog } from '@/core/feeding';
import type { KitchenCosts } from '@/core/outcomes';
import { unpacked, type Packed } from '@/contract/packed';
import type { Ingredient, Pantry, SlicedOff } from '@/core/pantry';
import { slicedOffBy } from '@/core/catalogue';
import type { KitchenGoods } from '@/workers/prediction-protocol';
import type { Habits } from '../ingredients/habits';
import { useBatch, type Edits } from '../batch/use-batch';
import { Alert } from '../kit/Alert';
import { Button, buttonClass } from '../kit/Button';
import { Choice } from '../kit/Choice';
import { NumberField } from '../kit/NumberField';
import { Panel } from '../kit/Panel';
import { UndoRedo } from '../kit/UndoRedo';
import { DoughSide } from './DoughSide';
import { dropDraft } from './bring/brought-draft';
import { useEditedDraft } from './bring/use-edited-draft';
import { StepsEditor } from './StepsEditor';
import { useSaveRecipe, type SavedRecipe } from './use-save-recipe';
import { limits } from '../kit/limits';
import { WrappingField } from '../kit/WrappingField';
import { PageTitle } from '../shell/PageTitle';

// A recipe is pasted or written line by line; each way is loaded where it is gone.
const BringRecipe = dynamic(() => import('./bring/BringRecipe').then((way) => way.BringRecipe));
const IngredientTable = dynamic(() => import('../ingredients/IngredientTable').then((way) => way.IngredientTable));

type RecipeEditorProps = {
  /** The recipe that is edited; null for a new one. */
  readonly saved: SavedRecipe;
  readonly document: BatchDocument;
  readonly pantry: Packed<Ingredient>;
  readonly prices: Omit<KitchenGoods, 'pantry'>;
  readonly habits: Habits;
  readonly dogs: readonly Dog[];
  readonly costs: KitchenCosts;
};

/** A recipe being written: what it says on the left, what its dough will be on the right, at once. */
export function RecipeEditor({
  saved,
  document: first,
  pantry: packedRows,
  prices,
  habits,
  dogs,
  costs,
}: RecipeEditorProps): ReactNode {
  const rows = useMemo(() => unpacked(packedRows), [packedRows]);
  const goods = useMemo<KitchenGoods>(() => ({ pantry: rows, ...prices }), [rows, prices]);
  const pantry = useMemo<Pantry>(() => new Map(rows.map((row) => [row.id, row])), [rows]);
  const batch = useBatch(first, goods);
  const { document, edits, nominal, failure } = batch;
  const saving = useSaveRecipe(saved, edits.newest, dropDraft);
  const [pasting, setPasting] = useState(saved === null);
  useEditedDraft(batch, saved === null, { pasting, setPasting });
  useUndoKeys(edits, saving.save);
  const { recipe } = document;
  const steps = recipe.steps ?? [];
  return (
    <main className="mx-auto max-w-[1232px] px-6 py-4">
      <PageTitle>{saved ? `Change ${recipe.name}` : 'Write a recipe'}</PageTitle>
      <Head saved={saved} batch={batch} saving={saving} pasting={pasting} onWrite={() => setPasting(false)} />
      <NotSaved saving={saving} />
      {pasting ? (
        <BringRecipe batch={batch} pantry={pantry} habits={habits} onEdit={() => setPasting(false)} />
      ) : (
        <div className="grid gap-3 lg:grid-cols-[1fr_21rem]">
          <div className="flex min-w-0 flex-col gap-3">
            <NameAndWay recipe={recipe} fresh={saved === null} edits={edits} />
            <Lines
              {...{ recipe, pantry, habits, edits }}
              slicedOff={slicedOffBy(document.shape)}
              onPaste={saved === null ? () => setPasting(true) : null}
              told={failure ? null : (nominal?.prediction ?? null)}
            />
            <Panel label="Steps" className="px-5 py-3">
              <h2 className="pb-1.5 text-[17px]">Steps</h2>
              <StepsEditor
                steps={steps}
                onText={(i, text) => edits.set(['recipe', 'steps', i, 'text'], text)}
                onSteps={(next) => edits.change<readonly RecipeStep[] | undefined>(['recipe', 'steps'], (now) => next(now ?? []))}
              />
            </Panel>
          </div>
          <DoughSide
            nominal={nominal}
            failure={failure}
            empty={recipe.ingredients.length === 0}
            document={document}
            pantry={pantry}
            dogs={dogs}
            costs={costs}
          />
        </div>
      )}
    </main>
  );
}

function methodOptions(now: Method | undefined): ReadonlyArray<{ readonly value: Method | ''; readonly name: string }> {
  return [
    ...(now ? [] : [{ value: '' as const, name: 'choose a way' }]),
    ...METHODS.map((value) => ({ value, name: METHOD_NAMES[value].toLowerCase() })),
  ];
}

/** A new recipe takes its shape and programme from the way it is made; one that is there keeps its own. */
function takeMethod(method: Method, fresh: boolean, edits: Edits): void {
  edits.change<BatchDocument>([], (now) => {
    const start = fresh ? startingPoint(method) : null;
    return { ...now, ...(start ? { shape: start.shape, heat: start.heat } : {}), recipe: { ...now.recipe, method } };
  });
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

type NameAndWayProps = { readonly recipe: BatchDocument['recipe']; readonly fresh: boolean; readonly edits: Edits };

function NameAndWay({ recipe, fresh, edits }: NameAndWayProps): ReactNode {
  return (
    <Panel label="Name and way" className="flex flex-wrap items-center gap-x-4 gap-y-2 px-5 py-3">
      <span className="flex min-w-64 flex-1 items-center gap-2">
        <label htmlFor="recipe-name" className="text-soft">
          Name
        </label>
        <WrappingField
          id="recipe-name"
          value={recipe.name ?? ''}
          maxLength={200}
          onChange={({ target }) => edits.set(['recipe', 'name'], target.value)}
          className="flex-1 rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2 py-0.5 font-semibold focus:border-rim"
        />
      </span>
      <Choice
        label="made"
        value={recipe.method ?? ''}
        options={methodOptions(recipe.method)}
        onChange={(method) => method !== '' && takeMethod(method, fresh, edits)}
      />
      <NumberField
        label="stands for"
        unit="min"
        width="w-8"
        value={recipe.rest_minutes ?? RECIPE.fields.rest_minutes.default}
        {...limits(RECIPE.fields.rest_minutes)}
        onChange={(minutes) => edits.set(['recipe', 'rest_minutes'], minutes)}
      />
      <span className="flex w-full items-center gap-2">
        <label htmlFor="recipe-summary" className="text-soft">
          In a line
        </label>
        <WrappingField
          id="recipe-summary"
          value={recipe.summary ?? ''}
          maxLength={1000}
          onChange={({ target }) => edits.set(['recipe', 'summary'], target.value || undefined)}
          className="flex-1 rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2 py-0.5 focus:border-rim"
        />
      </span>
    </Panel>
  );
}

type LinesProps = {
  /** Back to the paper with the recipe's words; null where there is none. */
  readonly onPaste: (() => void) | null;
  readonly recipe: BatchDocument['recipe'];
  readonly told: ComponentProps<typeof IngredientTable>['told'];
  readonly pantry: Pantry;
  readonly habits: Habits;
  readonly edits: Edits;
  readonly slicedOff: SlicedOff | undefined;
};

/** What goes in, line by line. */
function Lines({ onPaste, recipe, told, pantry, habits, edits, slicedOff }: LinesProps): ReactNode {
  return (
    <Panel label="Ingredients" className="px-5 py-3">
      <h2 className="flex items-center gap-3 pb-1 text-[17px]">
        Ingredients
        {onPaste && (
          <Button look="small" onClick={onPaste}>
            Type or paste a recipe
          </Button>
        )}
      </h2>
      <IngredientTable
        recipe={recipe}
        told={told}
        pantry={pantry}
        habits={habits}
        slicedOff={slicedOff}
        withNotes
        onAmount={(i, amount) => edits.set(['recipe', 'ingredients', i, 'amount'], amount)}
        onLines={(next) => edits.change(['recipe', 'ingredients'], next)}
        onRecipe={(next) => edits.change<BatchDocument>([], (now) => withRecipe(now, next(now.recipe)))}
      />
    </Panel>
  );
}

type HeadProps = {
  readonly saved: SavedRecipe;
  readonly batch: ReturnType<typeof useBatch>;
  readonly saving: ReturnType<typeof useSaveRecipe>;
  readonly pasting: boolean;
  readonly onWrite: () => void;
};

function Head({ saved, batch, saving, pasting, onWrite }: HeadProps): ReactNode {
  const { document, edits, canUndo, canRedo } = batch;
  return (
    <header className="flex flex-wrap items-center gap-x-3 gap-y-2 pb-3">
      <h1 className="text-[27px]">
        {saved ? 'Edit the recipe' : pasting ? document.recipe.name || 'Bring a recipe' : 'Write a recipe'}
      </h1>
      {pasting && (
        <Button look="small" onClick={onWrite}>
          Write it line by line
        </Button>
      )}
      <span className="flex-1" />
      <UndoRedo canUndo={canUndo} canRedo={canRedo} undo={edits.undo} redo={edits.redo} />
      <a className={buttonClass()} href={saved ? `/recipes/${saved.id}` : '/recipes'}>
        Leave it
      </a>
      <Button
        look="main"
        disabled={document.recipe.ingredients.length === 0 || saving.busy}
        onClick={saving.save}
        aria-keyshortcuts="Control+S"
      >
        {saved ? `Save as version ${saved.revision + 1}` : 'Save recipe'}
      </Button>
    </header>
  );
}

type NotSavedProps = { readonly saving: ReturnType<typeof useSaveRecipe> };

function NotSaved({ saving }: NotSavedProps): ReactNode {
  return (
    <Alert title="Not saved." className="mb-3">
      {saving.wrong && (
        <>
          {saving.wrong.message}{' '}
          {saving.wrong.code === 'CHANGED_ELSEWHERE' && (
            <Button look="small" onClick={saving.saveAsCopy}>
              Keep mine as a copy
            </Button>
          )}
        </>
      )}
    </Alert>
  );
}
