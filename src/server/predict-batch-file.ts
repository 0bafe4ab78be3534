import type { Result } from '@/core/failure';
import type { Prediction } from '@/core/prediction';
import type { Programmes } from '@/formats/predict-text';
import { computeResult } from './compute/compute';

/** Predicts a batch file's text with the shipped ingredients: needs no database, so it answers like the command line. */
export const predictBatchFile = (text: string, signal?: AbortSignal): Promise<Result<Prediction>> =>
  computeResult('predictFile', text, signal);

/** Finds programmes for a batch file's text, likewise. */
export const findForBatchFile = (text: string, signal?: AbortSignal): Promise<Result<Programmes>> =>
  computeResult('findFile', text, signal);
