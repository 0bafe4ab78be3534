import type { ReactNode } from 'react';
import { withFinishing } from '@/core/calls';
import { finishingFrom, type BatchDocument } from '@/core/document';
import type { Prediction } from '@/core/prediction';
import { counted } from '@/core/quantities';
import { duration, mass, span } from '../format/units';
import { ENDS, PACK_NAMES, STORE_NAMES } from '../format/words';
import { SheetCautions, SheetPart } from './SheetPart';
import { finishSteps } from './work-steps';

type SheetFinishProps = { readonly document: BatchDocument; readonly prediction: Prediction };

/** What is done when they are cold: coats and their time to set, then into the packs, pack by pack. */
export function SheetFinish({ document, prediction }: SheetFinishProps): ReactNode {
  const { heat, keeps, parts } = prediction;
  const whole = withFinishing(document.heat, prediction);
  const lines = finishSteps(whole.steps.slice(finishingFrom(whole.steps)), parts, prediction.portions.length === 0);
  return (
    <SheetPart
      title={lines.length > 0 ? 'Cool, finish and pack' : 'Cool and pack'}
      what={`cold after about ${duration(heat.cooling_minutes)} on a rack`}
    >
      {lines.length > 0 && (
        <ol className="list-decimal pl-5">
          {lines.map((line, i) => (
            <li key={i}>{line}</li>
          ))}
        </ol>
      )}
      <ul className="pt-1">
        {keeps.map((one, i) => (
          <li key={i}>
            <strong>
              {one.packs} × {PACK_NAMES[one.option].toLowerCase()}
            </strong>
            {one.portion && ` of the ${one.portion.toLowerCase()}`} {STORE_NAMES[one.store]}:{' '}
            {one.packs === 0 ? 'none is left for it' : `${counted(one.pieces_per_pack, 'piece')}, ${mass(one.net_g)}`}
            {one.left_over > 0 && ` (${one.left_over} in the last one)`}
            {one.packs > 0 && `; keeps ${span(one.days_low)} at least, likely ${span(one.days)}, ${ENDS[one.limit]}`}
          </li>
        ))}
      </ul>
      <SheetCautions prediction={prediction} steps={['pack', 'keep']} />
    </SheetPart>
  );
}
