import type { ReactNode } from 'react';
import type { BatchDocument } from '@/core/document';
import type { Failure } from '@/core/failure';
import { screen, type Dog } from '@/core/feeding';
import { costReport, type KitchenCosts } from '@/core/outcomes';
import { sharesOf, type Pantry } from '@/core/pantry';
import type { Nominal } from '@/workers/prediction-protocol';
import { linesInBowl } from '../batch/weigh/bowl';
import { priceWords } from '../batch/worth/price-words';
import { duration, mass, sentence, span } from '../format/units';
import { feelName, feelWords, withoutWords } from '../format/words';
import { CautionsOf } from '../kit/CautionMark';
import { FeelGauge } from '../kit/FeelGauge';
import { Panel } from '../kit/Panel';
import { WhoMay } from '../kit/WhoMay';
import { CompositionBar } from './CompositionBar';

type DoughSideProps = {
  readonly nominal: Nominal | null;
  readonly failure: Failure | null;
  readonly empty: boolean;
  readonly document: BatchDocument;
  readonly pantry: Pantry;
  readonly dogs: readonly Dog[];
  readonly costs: KitchenCosts;
};

/** What the dough will be, as one writes. */
export function DoughSide({ nominal, failure, empty, document, pantry, dogs, costs }: DoughSideProps): ReactNode {
  if (empty || failure || !nominal)
    return (
      <Panel label="The dough" className="self-start px-5 py-4">
        <h2 className="text-[17px]">The dough</h2>
        {empty ? (
          <p className="text-[14.5px] text-soft">
            Add ingredients, or paste a recipe: what the dough is made of and how it will feel appears here.
          </p>
        ) : failure ? (
          <p role="alert">
            <strong className="text-stop">This cannot be worked out yet.</strong> {sentence(failure.message)}
          </p>
        ) : (
          <p role="status">Working it out …</p>
        )}
      </Panel>
    );
  const { dough, yield: out, outcome, keeps, cost, heat, cautions, blocked_by } = nominal.prediction;
  const lines = linesInBowl(document, dough, pantry);
  const worth = costReport(document, nominal.prediction, costs);
  const figures: ReadonlyArray<readonly [string, string]> = [
    ['pieces', String(out.pieces)],
    ['heat', duration(heat.minutes)],
    ['ends', outcome.texture],
    ['keeps', span(keeps[0].days)],
    [
      'price',
      worth && cost ? [priceWords(worth, cost.currency), withoutWords(cost.missing, pantry)].filter(Boolean).join('; ') : '–',
    ],
  ];
  return (
    <Panel label="The dough" className="flex flex-col gap-2 self-start px-5 py-3 lg:sticky lg:top-16">
      <h2 className="text-[17px]">The dough, {mass(dough.mass_g)}</h2>
      {lines.length > 0 && <CompositionBar shares={sharesOf(lines)} />}
      <p>
        <strong className="font-display text-[20px]">{feelName(dough.feel)}</strong>{' '}
        <span className="text-[14px] text-soft">{feelWords(dough.feel)}</span>
      </p>
      {dough.feel !== null && (
        <FeelGauge
          index={dough.feel_index}
          low={dough.feel_index_low}
          high={dough.feel_index_high}
          crumbleEdge={nominal.drawing.feel.crumbleEdge}
        />
      )}
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
    </Panel>
  );
}
