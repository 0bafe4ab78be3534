import type { Prediction } from '@/core/prediction';
import type { Result } from '@/core/failure';
import { findText, predictText, type Programmes } from '@/formats/predict-text';
import { shippedPantry } from '@/formats/shipped-pantry';

/** Predicts a batch file's text with the shipped ingredients: needs no database, so it answers like the command line. */
export const predictBatchFile = async (text: string): Promise<Result<Prediction>> =>
  predictText(text, { pantry: await shippedPantry() });

/** Finds programmes for a batch file's text, likewise. */
export const findForBatchFile = async (text: string): Promise<Result<Programmes>> =>
  findText(text, { pantry: await shippedPantry() });
