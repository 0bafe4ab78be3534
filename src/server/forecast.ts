import type { BatchDocument } from '@/core/document';
import { succeed, type Result } from '@/core/failure';
import type { Pantry } from '@/core/pantry';
import type { ForecastRow } from '@/db/forecast';
import { computeResult } from './compute/compute';
import { forecastOf } from './compute/jobs/prediction-jobs';
import { predictWithBands } from './predict-with-bands';

/** Predicts a document for keeping: quickly while it is edited, with its band when it is baked. */
export async function forecast(document: BatchDocument, pantry: Pantry, withBand: boolean): Promise<Result<ForecastRow>> {
  if (!withBand) return computeResult('forecast', { document, pantry });
  const banded = await predictWithBands(document, pantry);
  return banded.ok ? succeed(forecastOf(banded.value.prediction)) : banded;
}
