'use client';
import { useEffect, useMemo, type ReactNode } from 'react';
import type { BatchDocument } from '@/core/document';
import type { Pantry } from '@/core/pantry';
import type { useBatch } from '../../batch/use-batch';
import type { Habits } from '../../ingredients/habits';
import { Alert } from '../../kit/Alert';
import { Button } from '../../kit/Button';
import { Panel } from '../../kit/Panel';
import { AsWritten } from './AsWritten';
import { EMPTY_DRAFT } from './brought-draft';
import { MarkedWords } from './MarkedWords';
import { marksOf } from './marks';
import { Understood } from './Understood';
import { useBring, type Bring } from './use-bring';
import { sentence } from '../../format/units';

type BringRecipeProps = {
  readonly batch: ReturnType<typeof useBatch>;
  readonly pantry: Pantry;
  readonly habits: Habits;
  /** On to the editor, with what is there. */
  readonly onEdit: () => void;
};

/** A recipe from elsewhere: the baker's own words, what was understood of them, and their promise beside what it gives here. */
export function BringRecipe({ batch, pantry, habits, onEdit }: BringRecipeProps): ReactNode {
  const bring = useBring(pantry, habits.cup_fill ?? 'unknown');
  const { incoming, document, draft } = bring;
  const { edits } = batch;
  useEffect(() => {
    if (document) edits.change<BatchDocument>([], () => document);
  }, [document, edits]);
  const current = document !== null && batch.document.recipe === document.recipe;
  return (
    <div className="grid items-start gap-3 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.3fr)_minmax(0,0.95fr)]">
      <Words bring={bring} />
      <Panel label="As understood" className="min-w-0 px-4 py-3.5">
        <div aria-live="polite">
          <Alert look="line">{bring.wrong}</Alert>
          {!incoming && !bring.wrong && <Waiting />}
          {incoming?.kind === 'document' && (
            <p>
              This is a whole recipe file: {incoming.document.recipe.name ?? 'without a name'}. Save it, or open it in the editor.
            </p>
          )}
          {incoming?.kind === 'reading' && (
            <>
              <Which names={incoming.recipes} chosen={draft.recipe} onChoose={(recipe) => bring.change({ recipe })} />
              <Understood {...{ bring, document, pantry }} reading={incoming.reading} nominal={current ? batch.nominal : null} />
            </>
          )}
        </div>
      </Panel>
      <Panel label="As written and as predicted" className="min-w-0 px-4 py-3.5">
        {document && batch.nominal && !batch.failure ? (
          <AsWritten
            document={batch.document}
            nominal={batch.nominal.prediction}
            banded={batch.banded}
            bandIsOld={batch.bandIsOld}
            questions={batch.questions}
            onDocument={(next) => takeFix(bring, next)}
          />
        ) : (
          <NotYet failure={document ? batch.failure && sentence(batch.failure.message) : null} />
        )}
        {document && (
          <p className="pt-3">
            <Button onClick={onEdit}>Open it in the editor</Button>
          </p>
        )}
      </Panel>
    </div>
  );
}

/** What a fix changes is kept with the draft. A scale is the batch's, so it goes with the shape through the document. */
function takeFix({ change, document }: Bring, fixed: BatchDocument): void {
  if (fixed.assumed === undefined && document?.assumed !== undefined) change({ accepted: true });
  else if (document && fixed.shape !== document.shape) change({ shape: fixed.shape });
  else if (fixed.scale) change({ scale: fixed.scale });
}

function Words({ bring }: { readonly bring: Bring }): ReactNode {
  const { draft, incoming, change } = bring;
  const text = draft.file ? (incoming?.kind === 'reading' ? incoming.text : '') : draft.text;
  const marks = useMemo(() => (incoming?.kind === 'reading' ? marksOf(text, incoming.reading) : []), [incoming, text]);
  return (
    <Panel label="Your words" className="flex min-w-0 flex-col gap-2 px-4 py-3.5">
      <h2 className="text-[18px]">Your words</h2>
      <p className="text-[13.5px] text-soft">
        {draft.file
          ? `From ${draft.file.name}.`
          : 'Type or paste the whole recipe: list, steps, whatever it says. It stays here when you leave the page.'}
      </p>
      <MarkedWords text={text} marks={marks} onText={draft.file ? null : (next) => change({ text: next })} />
      {(draft.text !== '' || draft.file) && (
        <p className="flex flex-wrap gap-2">
          {draft.file && (
            <Button look="small" onClick={() => change({ file: null, text })}>
              Change its words
            </Button>
          )}
          <Button look="small" onClick={() => change(EMPTY_DRAFT)}>
            Clear the page
          </Button>
        </p>
      )}
    </Panel>
  );
}

const Waiting = (): ReactNode => (
  <p className="text-[14.5px] text-soft">
    What is understood appears here: the list by its parts, the shape, the bake, what it promises, and a question wherever
    something is left open. Words that name what hurts dogs come first.
  </p>
);

function NotYet({ failure }: { readonly failure: string | null }): ReactNode {
  return (
    <>
      <h2 className="text-[18px]">What it promises, and what it gives here</h2>
      {failure === null ? (
        <p className="text-[14.5px] text-soft">
          Once a line of the dough is clear: pieces, bite, keeping and time, as written and as predicted.
        </p>
      ) : (
        <Alert look="line" title="This cannot be worked out yet.">
          {failure}
        </Alert>
      )}
    </>
  );
}

type WhichProps = { readonly names: readonly string[]; readonly chosen: number; readonly onChoose: (recipe: number) => void };

function Which({ names, chosen, onChoose }: WhichProps): ReactNode {
  if (names.length < 2) return null;
  return (
    <p className="flex flex-wrap items-center gap-2 pb-2 text-[14px]">
      <span>This page holds {names.length} recipes:</span>
      {names.map((name, i) => (
        <Button key={`${name}-${i}`} look="small" aria-pressed={i === chosen} onClick={() => onChoose(i)}>
          {name || `number ${i + 1}`}
        </Button>
      ))}
    </p>
  );
}
