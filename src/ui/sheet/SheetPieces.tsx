import type { ReactNode } from 'react';
import type { BatchDocument } from '@/core/document';
import type { Prediction } from '@/core/prediction';
import { METHOD_WORDS } from '../batch/shape/method-words';
import { counted } from '@/core/quantities';
import { length, mass } from '../format/units';
import { SheetCautions, SheetPart } from './SheetPart';

type SheetShapeProps = { readonly document: BatchDocument; readonly prediction: Prediction };

/** How many pieces of what weight: of the bowl, or of each portion of it. */
export function SheetShape({ document, prediction }: SheetShapeProps): ReactNode {
  const { portions } = prediction;
  return (
    <SheetPart title="Shape" what={portions.length === 0 ? methodWords(document.shape) : `${portions.length} portions`}>
      {portions.length === 0 ? (
        <p>{piecesWords(prediction.yield)}</p>
      ) : (
        <ul>
          {portions.map((portion, i) => (
            <li key={portion.name}>
              <strong>{portion.name}</strong>, {mass(portion.dough_g)} of the dough,{' '}
              {methodWords(document.portions?.[i].shape ?? document.shape)}: {piecesWords(portion.yield)}
            </li>
          ))}
        </ul>
      )}
      <SheetCautions prediction={prediction} steps={['shape']} />
    </SheetPart>
  );
}

const methodWords = ({ method }: BatchDocument['shape']): string =>
  METHOD_WORDS.find(({ value }) => value === method)?.name ?? '';

const piecesWords = (out: Prediction['yield']): ReactNode => (
  <>
    <strong>{counted(out.pieces, 'piece')}</strong> ({out.pieces_low} – {out.pieces_high}) of {mass(out.piece_raw_g, 1)} raw,{' '}
    {length(out.piece_thickness_mm, 1)} thick, on {counted(out.trays, 'tray')}
    {out.rerolls > 0 && `, ${counted(out.rerolls, 're-roll')}`}.
  </>
);
