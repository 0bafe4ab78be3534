'use client';
import type { KitAppliance } from '@/contract/batch';
import { unpacked, type Packed } from '@/contract/packed';
import type { LotView } from '@/contract/pantry';
import { Link } from '../kit/Link';
import { startTransition, useCallback, useEffect, useMemo, useState, type ReactNode } from 'react';
import { acceptAssumed, type BatchDocument } from '@/core/document';
import type { KitchenCosts } from '@/core/outcomes';
import type { Ingredient, Pantry } from '@/core/pantry';
import type { FirstLook, KitchenGoods } from '@/workers/prediction-protocol';
import type { Habits } from '../ingredients/habits';
import { useHabits } from '../ingredients/use-habits';
import { Alert } from '../kit/Alert';
import { Button, buttonClass } from '../kit/Button';
import { Panel } from '../kit/Panel';
import { UndoRedo } from '../kit/UndoRedo';
import { WrappingField } from '../kit/WrappingField';
import { BatchCard } from './BatchCard';
import { BatchLine } from './BatchLine';
import { shownKeeps } from './shown-keeps';
import { BeginAtOven } from './BeginAtOven';
import { ConflictDialog } from '../kit/autosave/ConflictDialog';
import { OutcomeBar } from './OutcomeBar';
import { OutcomePanel } from './OutcomePanel';
import { BENCHES, type BatchDog, type Bench, type BenchProps } from './bench-props';
import { KeepInRecipe } from './KeepInRecipe';
import type { Compared } from './heat/CompareStrip';
import { PortionStrip } from './portions/PortionStrip';
import { usePortions } from './portions/use-portions';
import { useBatch, type Edits } from './use-batch';
import type { SavingState } from '../kit/autosave/saver';
import { unsavedWords } from '../kit/autosave/unsaved-words';
import type { Saving } from '../kit/autosave/use-autosave';
import { useBatchSaving } from './use-batch-saving';
import { readerHere } from '../format/reader-here';
import { HistoryDialog } from './HistoryDialog';
import { localDay } from '../kit/local-day';
import { ownsKeys } from '../kit/owns-keys';
import { PageTitle } from '../shell/PageTitle';
import { OneBench } from './OneBench';
import { clock, dayOfYear, sentence } from '../format/units';

type BatchPageProps = {
  readonly batch: {
    readonly id: string;
    readonly revision: number;
    readonly document: BatchDocument;
    readonly baked_on: string | null;
    readonly saved_at: string;
  };
  readonly recipeId: string | null;
  readonly pantry: Packed<Ingredient>;
  readonly prices: Omit<KitchenGoods, 'pantry'>;
  readonly appliances: readonly KitAppliance[];
  readonly habits: Habits;
  readonly habitsRevision: number;
  readonly dogs: readonly BatchDog[];
  readonly costs: KitchenCosts;
  readonly lots: readonly LotView[];
  readonly alsoUsedIn: ReadonlyArray<
    readonly [ingredient: string, recipes: ReadonlyArray<{ readonly id: string; readonly name: string }>]
  >;
  readonly firstBench: Bench;
  readonly look: FirstLook | null;
  readonly later: Promise<FirstLook | null> | null;
};

/** One batch from bowl to jar: the line on top, one bench, and what comes out. */
export function BatchPage({ batch, recipeId, pantry: packedRows, prices, firstBench, ...kitchen }: BatchPageProps): ReactNode {
  const goods = useMemo<KitchenGoods>(() => ({ pantry: unpacked(packedRows), ...prices }), [packedRows, prices]);
  const shown = useBatch(batch.document, goods, kitchen.look, kitchen.later);
  const { document, whole, questions, nominal, banded, bandIsOld, search } = shown;
  const [habits, onHabits] = useHabits(kitchen.habits, kitchen.habitsRevision);
  const alsoUsedIn = useMemo(() => new Map(kitchen.alsoUsedIn), [kitchen.alsoUsedIn]);
  const pantry = useMemo<Pantry>(() => new Map(goods.pantry.map((row) => [row.id, row])), [goods]);
  const portions = usePortions(shown, pantry);
  const { edits } = portions;
  const failure = portions.wrong ?? shown.failure;
  const saving = useBatchSaving(batch, whole, shown.edits);
  const [compared, setCompared] = useState<Compared | null>(null);
  const [bench, open] = useBench(firstBench);
  useKeys(edits, saving.saveNow, open);
  const { edits: all } = shown;
  const acceptAll = useCallback((): void => all.change<BatchDocument>([], (now) => acceptAssumed(now)), [all]);
  const props: BenchProps | null = nominal && {
    batchId: batch.id,
    // What is weighed and mixed is the whole bowl, whichever portion is looked at.
    ...(portions.whole && OF_THE_BOWL.has(bench)
      ? { document: whole, edits: all, nominal: { ...nominal, prediction: portions.whole } }
      : { document, edits, nominal }),
    ...{ questions, banded, bandIsOld, search, compared, pantry, habits, onHabits, alsoUsedIn },
    ...{ onCompare: setCompared, appliances: kitchen.appliances, dogs: kitchen.dogs, costs: kitchen.costs, lots: kitchen.lots },
  };
  return (
    <main className="flex h-[calc(100dvh-52px)] flex-col gap-2.5 px-6 pt-2.5 pb-5 max-lg:h-auto max-sm:px-3 print:block print:*:not-[.panel]:hidden">
      <BatchHead batch={batch} known={recipeId !== null} shown={shown} saving={saving} />
      {nominal && (
        <LineAndCard
          {...{ document, whole, nominal, pantry, portions, bench }}
          banded={bandIsOld ? null : banded}
          baked_on={batch.baked_on}
          onBench={open}
        />
      )}
      <Alert title="This cannot be worked out.">
        {failure && `${sentence(failure.message)}${nominal ? ' Below is the last one that could.' : ''}`}
      </Alert>
      {props && nominal ? (
        <BenchAndOutcome
          bench={bench}
          props={props}
          portions={portions}
          whole={whole}
          all={all}
          onAccept={acceptAll}
          of={{ document, nominal }}
        />
      ) : (
        !failure && <WorkingOut />
      )}
      <ConflictDialog saving={saving} what="this batch" />
    </main>
  );
}

type LineAndCardProps = Pick<BenchProps, 'document' | 'nominal' | 'banded' | 'pantry'> & {
  readonly whole: BatchDocument;
  readonly portions: ReturnType<typeof usePortions>;
  readonly bench: Bench;
  readonly baked_on: string | null;
  readonly onBench: (bench: Bench) => void;
};

/** The line of stations, and on paper the card that stands for it; bands are null until they are drawn for what is shown. */
function LineAndCard({ document, whole, nominal, banded, portions, bench, onBench, ...kept }: LineAndCardProps): ReactNode {
  return (
    <>
      <BatchCard {...{ document, nominal, banded }} {...kept} />
      <BatchLine
        {...{ document, nominal, bench, onBench }}
        whole={portions.whole}
        portion={portions.at === null ? null : (whole.portions?.[portions.at].name ?? null)}
        keeps={shownKeeps(nominal.prediction, banded, false)}
        drawn={banded !== null}
      />
    </>
  );
}

/** Which station is open, and the way to another; the address keeps it. */
function useBench(first: Bench): [bench: Bench, open: (next: Bench) => void] {
  const [bench, setBench] = useState<Bench>(first);
  const open = useCallback((next: Bench): void => {
    // The station before stands until the next one is loaded.
    startTransition(() => setBench(next));
    window.history.replaceState(null, '', `?bench=${next}`);
  }, []);
  return [bench, open];
}

type BenchAndOutcomeProps = {
  readonly bench: Bench;
  readonly props: BenchProps;
  readonly portions: ReturnType<typeof usePortions>;
  /** The batch with all its portions, and how it is changed. */
  readonly whole: BatchDocument;
  readonly all: Edits;
  /** What is looked at: the batch, or one portion of it. */
  readonly of: Pick<BenchProps, 'document' | 'nominal'>;
  readonly onAccept: () => void;
};

/** One station of the line, and beside it what comes out. */
function BenchAndOutcome({ bench, props, portions, whole, all, of, onAccept }: BenchAndOutcomeProps): ReactNode {
  const { banded, bandIsOld, pantry, dogs, costs } = props;
  return (
    <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_320px] gap-3 max-lg:grid-cols-1">
      <BenchPanel bench={bench}>
        {!OF_THE_BOWL.has(bench) && (
          <PortionStrip document={whole} portions={portions} edits={all} withFields={bench === 'shape'} />
        )}
        <OneBench bench={bench} {...props} />
      </BenchPanel>
      <OutcomePanel
        {...{ banded, bandIsOld, pantry, dogs, costs, onAccept }}
        document={of.document}
        portion={portions.at === null ? null : (whole.portions?.[portions.at].name ?? null)}
        nominal={of.nominal.prediction}
      />
      <OutcomeBar {...{ banded, bandIsOld }} nominal={of.nominal.prediction} />
    </div>
  );
}

function WorkingOut(): ReactNode {
  return (
    <Panel label="Working it out" className="grid flex-1 place-items-center text-soft">
      <p role="status">Working out the batch …</p>
    </Panel>
  );
}

/** Stations that come before the bowl is shared out. */
const OF_THE_BOWL: ReadonlySet<Bench> = new Set<Bench>(['weigh', 'mix']);

function NameField({ name, onName }: { readonly name: string; readonly onName: (name: string) => void }): ReactNode {
  // What is being typed stands at once; the batch comes back with its answer a little later than keys are struck.
  const [typed, setTyped] = useState<string | null>(null);
  if (typed === name) setTyped(null);
  const shown = typed ?? name;
  return (
    <h1 className="min-w-0">
      <label className="sr-only" htmlFor="batch-name">
        Name of the batch
      </label>
      <WrappingField
        id="batch-name"
        value={shown}
        maxLength={200}
        onChange={({ target }) => {
          setTyped(target.value);
          onName(target.value);
        }}
        onBlur={() => setTyped(null)}
        className="block max-w-full min-w-32 rounded-lg bg-transparent font-display text-[25px] leading-tight font-semibold tracking-tight hover:bg-face"
      />
    </h1>
  );
}

type SavedWordProps = {
  readonly state: SavingState;
  readonly onSave: () => void;
  /** What is made of the time that it was saved at. */
  readonly children: (when: ReactNode) => ReactNode;
};

/** Says when it was saved, and what happens if it was not. */
function SavedWord({ state, onSave, children }: SavedWordProps): ReactNode {
  if (state.kind === 'unsaved')
    return (
      <p role="alert" className="max-w-md text-[14px] text-stop">
        Not saved: {unsavedWords(state)}{' '}
        <Button look="quiet" className="underline" onClick={onSave}>
          Save now
        </Button>
      </p>
    );
  return (
    <p role="status" className="shrink-0 text-[14px] text-soft">
      {state.kind === 'saved' && children(<SavedAt iso={state.at} />)}
      {state.kind === 'saving' && 'saving …'}
      {state.kind === 'stale' && 'changed elsewhere'}
      {state.kind === 'waiting' && (
        <>
          {state.here ? 'changed' : 'changed, kept nowhere yet'}{' '}
          <Button look="quiet" className="underline" onClick={onSave}>
            Save now
          </Button>
        </>
      )}
    </p>
  );
}

/** The clock on the baker's wall, which only the browser knows. */
function SavedAt({ iso }: { readonly iso: string }): ReactNode {
  const at = new Date(iso);
  // oxlint-disable-next-line react/purity -- the day may turn while the page is open; whichever it was drawn with is right
  const today = at.toDateString() === new Date().toDateString();
  return (
    <time dateTime={iso} suppressHydrationWarning>
      saved {today ? clock(at.getHours() * 60 + at.getMinutes()) : dayOfYear(localDay(at))}
    </time>
  );
}

/** 1-7 open the stations, Ctrl+Z and Ctrl+Y walk the changes, Ctrl+S saves. */
function useKeys(edits: { undo: () => void; redo: () => void }, save: () => void, open: (bench: Bench) => void): void {
  const { undo, redo } = edits;
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey) {
        const act = { z: event.shiftKey ? redo : undo, y: redo, s: save }[event.key.toLowerCase()];
        if (!act) return;
        event.preventDefault();
        act();
      } else if (!ownsKeys(event.target) && !event.altKey && readerHere().keys === 'alone') {
        const bench = BENCHES[Number(event.key) - 1];
        if (bench) open(bench);
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [undo, redo, save, open]);
}

type BatchHeadProps = {
  readonly batch: BatchPageProps['batch'];
  readonly known: boolean;
  readonly shown: ReturnType<typeof useBatch>;
  readonly saving: Saving;
};

function BatchHead({ batch, known, shown, saving }: BatchHeadProps): ReactNode {
  const { whole: document, edits, canUndo, canRedo } = shown;
  return (
    <header className="flex flex-wrap items-center gap-x-3 gap-y-1.5">
      <span className="flex min-w-0 flex-1 basis-72 flex-wrap max-sm:basis-full items-baseline gap-x-3 sm:flex-nowrap">
        <PageTitle>{document.name ?? document.recipe.name ?? 'Batch'}</PageTitle>
        <NameField name={document.name ?? document.recipe.name ?? 'Batch'} onName={(name) => edits.set(['name'], name)} />
        <SavedWord state={saving.state} onSave={saving.saveNow}>
          {(when) => (
            <HistoryDialog
              batchId={batch.id}
              document={document}
              onRestore={(before) => edits.change<BatchDocument>([], () => before)}
            >
              {when}
            </HistoryDialog>
          )}
        </SavedWord>
      </span>
      {saving.elsewhere && saving.state.kind === 'saved' && (
        <p role="status" className="text-[14px] text-soft">
          also changed in another window
        </p>
      )}
      <UndoRedo canUndo={canUndo} canRedo={canRedo} undo={edits.undo} redo={edits.redo} />
      <KeepInRecipe batchId={batch.id} known={known} saveNow={saving.saveNow} saved={saving.state.kind === 'saved'} />
      <a className={buttonClass()} href={`/api/batches/${batch.id}/file`} download>
        Export file
      </a>
      <Link className={buttonClass(batch.baked_on ? 'main' : 'plain')} href={`/log/${batch.id}`}>
        {batch.baked_on ? 'See it weighed' : 'Enter weights'}
      </Link>
      {!batch.baked_on && <BeginAtOven batchId={batch.id} saved={saving.state.kind === 'saved'} saveNow={saving.saveNow} />}
    </header>
  );
}

type BenchPanelProps = { readonly bench: Bench; readonly children: ReactNode };

function BenchPanel({ bench, children }: BenchPanelProps): ReactNode {
  return (
    <div
      id="bench"
      role="tabpanel"
      tabIndex={0}
      aria-labelledby={`station-${bench}`}
      className="min-h-0 overflow-x-hidden overflow-y-auto rounded-[18px] border-[1.6px] border-rim bg-face px-4 py-3"
    >
      {children}
    </div>
  );
}
