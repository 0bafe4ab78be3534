'use client';
import { Link } from '../kit/Link';
import type { ReactNode } from 'react';
import type { BatchDocument } from '@/core/document';
import type { Ingredient } from '@/core/pantry';
import type { Prediction } from '@/core/prediction';
import { day } from '../format/units';
import { Button, buttonClass } from '../kit/Button';
import { SheetMix, SheetWeigh } from './SheetBowl';
import { SheetFinish } from './SheetFinish';
import { SheetHeat } from './SheetHeat';
import { SheetCautions, SheetPart } from './SheetPart';
import { SheetShape } from './SheetPieces';
import { PageTitle } from '../shell/PageTitle';

type RunSheetProps = {
  readonly id: string;
  readonly kitchen: string;
  readonly name: string;
  readonly baked_on: string | null;
  readonly document: BatchDocument;
  readonly prediction: Prediction;
  readonly rows: readonly Ingredient[];
};

/** The whole batch on paper: weigh, mix, shape, heat, finish, pack, with each caution where it matters. */
export function RunSheet({ id, kitchen, name, baked_on, document, prediction, rows }: RunSheetProps): ReactNode {
  const pantry = new Map(rows.map((row) => [row.id, row]));
  return (
    <main className="mx-auto max-w-[820px] px-6 py-4 text-[14.5px] print:text-[10pt]">
      <PageTitle>{`Run sheet of ${name}`}</PageTitle>
      <header className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b-[1.6px] border-rim pb-2">
        <h1 className="text-[25px]">{name}</h1>
        <p className="text-soft">
          {kitchen}
          {baked_on && ` · baked ${day(baked_on)}`}
        </p>
        <span className="flex-1" />
        <Button look="main" onClick={() => window.print()}>
          Print
        </Button>
        <Link className={buttonClass()} href={`/batch/${id}`}>
          Back to the batch
        </Link>
      </header>
      {prediction.blocked_by.length > 0 && (
        <p role="alert" className="mt-2 rounded-xl border-[1.6px] border-stop px-3 py-1.5 text-stop">
          A stop stands: neither label nor feed this batch until it is mended.
        </p>
      )}
      <SheetWeigh {...{ document, prediction, pantry }} />
      <SheetMix {...{ document, prediction, pantry }} />
      <SheetShape document={document} prediction={prediction} />
      <SheetHeat document={document} prediction={prediction} />
      <SheetFinish document={document} prediction={prediction} />
      <SheetPart title="Feed" what={kcalWords(prediction)}>
        <SheetCautions prediction={prediction} steps={['feed']} />
      </SheetPart>
      <p className="pt-2 text-[12.5px] text-soft">
        Predictions, not tests; bands hold four of five batches. Ask your vet; check your local feed rules; mind the machine’s
        manual.
      </p>
    </main>
  );
}

/** What one piece feeds; of each portion where the bowl is shared out. */
const kcalWords = ({ feeding, portions }: Prediction): string =>
  portions.length === 0
    ? `${feeding.kcal_per_piece.toFixed(1)} kcal a piece`
    : portions.map((portion) => `${portion.name.toLowerCase()} ${portion.feeding.kcal_per_piece.toFixed(1)} kcal`).join(', ') +
      ' a piece';
