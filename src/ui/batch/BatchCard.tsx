import { memo, type ReactNode } from 'react';
import { slicedOffBy } from '@/core/catalogue';
import type { BatchDocument } from '@/core/document';
import { rowOfLine, type Pantry } from '@/core/pantry';
import type { Prediction } from '@/core/prediction';
import { counted } from '@/core/quantities';
import type { Nominal } from '@/workers/prediction-protocol';
import { bakeWords } from '../format/bake-words';
import { snapWords } from '../format/safe-snap';
import { day, mass, span } from '../format/units';
import { PACK_NAMES, STORE_NAMES } from '../format/words';
import { Wetness } from './Wetness';
import { ribbonOf, ribbonPath } from './ribbon';
import { firstToEnd } from './shown-keeps';

type BatchCardProps = {
  readonly document: BatchDocument;
  readonly nominal: Nominal;
  /** With bands; null until they are drawn for what is shown. */
  readonly banded: Prediction | null;
  readonly pantry: Pantry;
  readonly baked_on: string | null;
};

/** The batch as a card for the recipe box: what goes in, what is done, what comes out. Only printed, never on the screen. */
export const BatchCard = memo(function BatchCard({ document, nominal, banded, pantry, baked_on }: BatchCardProps): ReactNode {
  const { recipe, name } = document;
  const { dough, blocked_by } = nominal.prediction;
  return (
    <section aria-label="The batch as a card" className="panel hidden text-[10.5pt] leading-snug print:block">
      <h2 className="text-[19pt] leading-tight">{name ?? recipe.name ?? 'Batch'}</h2>
      <p className="pb-2 text-soft">
        {[recipe.name !== name && recipe.name, baked_on && `baked ${day(baked_on)}`].filter(Boolean).join(' · ')}
      </p>
      {blocked_by.length > 0 && <p className="text-stop">A stop stands: do not feed this batch until it is mended.</p>}
      <CardRibbon nominal={nominal} />
      <CardFigures document={document} prediction={banded ?? nominal.prediction} drawn={banded !== null} />
      <div className="grid grid-cols-[2fr_3fr] gap-6 pt-3">
        <div>
          <h3 className="text-[13pt]">{mass(dough.mass_g)} of dough</h3>
          <ul>
            {recipe.ingredients.map((line, i) => (
              <li key={i} className="flex justify-between gap-3 border-b border-hair py-0.5">
                {rowOfLine(line, pantry, slicedOffBy(document.shape))?.name ?? line.ingredient}
                {/* A line that was just put in is drawn before it is weighed. */}
                {dough.ingredients[i] && <strong className="whitespace-nowrap">{mass(dough.ingredients[i].planned_g)}</strong>}
              </li>
            ))}
          </ul>
        </div>
        <div>
          <h3 className="text-[13pt]">Shape and bake</h3>
          <ol className="list-decimal space-y-0.5 pl-5">
            {bakeWords(document).map((sentence, i) => (
              <li key={i}>{sentence}</li>
            ))}
          </ol>
        </div>
      </div>
      <p className="pt-3 text-[9pt] text-soft">Predictions, not tests. Ask your vet; check your local feed rules.</p>
    </section>
  );
});

const RIBBON = { width: 700, height: 40, tallest: 34 };

/** Where the water goes, as wide as the card. */
function CardRibbon({ nominal }: { readonly nominal: Nominal }): ReactNode {
  const { keeps } = nominal.prediction;
  const pack = firstToEnd(keeps);
  const points = ribbonOf({ ...nominal, pack, days: keeps[pack].days }, RIBBON.width, RIBBON.tallest);
  return (
    <svg viewBox={`0 0 ${RIBBON.width} ${RIBBON.height}`} className="block w-full" aria-hidden>
      <Wetness id="wetness-card" points={points} length={RIBBON.width} />
      <path d={ribbonPath(points, RIBBON.height / 2)} fill="url(#wetness-card)" />
    </svg>
  );
}

type CardFiguresProps = { readonly document: BatchDocument; readonly prediction: Prediction; readonly drawn: boolean };

/** What comes out; the low ends where they are drawn. */
function CardFigures({ document, prediction: { yield: made, outcome, keeps }, drawn }: CardFiguresProps): ReactNode {
  const figures: ReadonlyArray<readonly [name: string, says: string]> = [
    ['Yield', `${counted(made.pieces, 'piece')} of ${mass(made.piece_final_g, 1)}`],
    ['Snap', drawn ? snapWords(outcome, document.target) : `likely ${outcome.snap.toFixed(1)}`],
    ...keeps
      .filter(({ packs }) => packs > 0)
      .map(
        ({ option, store, days, days_low }) =>
          [
            `${PACK_NAMES[option]} ${STORE_NAMES[store]}`,
            drawn ? `${span(days_low)} at least, likely ${span(days)}` : `likely ${span(days)}`,
          ] as const,
      ),
  ];
  return (
    <dl className="flex flex-wrap gap-x-8 gap-y-1 pt-2">
      {figures.map(([name, says], i) => (
        <div key={i}>
          <dt className="text-[9pt] text-soft">{name}</dt>
          <dd className="font-display text-[13pt] font-semibold">{says}</dd>
        </div>
      ))}
    </dl>
  );
}
