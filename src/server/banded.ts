import { addBand } from '@/core/bands';
import { predict, type Prediction, type Worked } from '@/core/prediction';
import { type BatchDocument } from '@/core/document';
import { succeed, type Result } from '@/core/failure';
import type { Pantry } from '@/core/pantry';
import { remembered } from './remembered';

/** A document worked out with its bands. */
type Banded = { readonly worked: Worked; readonly prediction: Prediction };

const MOST = 24;

/** Predicts a document with its bands. The draws take a good part of a second, and forecast, packs, label and run sheet all ask. */
export const banded = remembered(MOST, (document: BatchDocument, pantry: Pantry): Result<Banded> => {
  const worked = predict(document, { pantry }, 'unadvised');
  return worked.ok ? succeed({ worked: worked.value, prediction: addBand(worked.value) }) : worked;
});
