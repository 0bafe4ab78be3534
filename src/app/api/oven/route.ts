import Joi from 'joi';
import { checkWith } from '@/formats/read-batch';
import { beginBatch, beginDay } from '@/server/oven/begin-bake';
import { viewOven } from '@/server/oven/view-oven';
import { answer, bodyJson, refuse } from '../answer';

export const dynamic = 'force-dynamic';

/** Everything at the oven now. */
export const GET = async (): Promise<Response> => answer(await viewOven());

const BEGIN = Joi.object({ batch: Joi.string().guid(), day: Joi.string().isoDate() }).xor('batch', 'day');

/** Begins one batch, or the batches of a bake day. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  if (!body.ok) return refuse(body);
  const asked = checkWith<{ batch?: string; day?: string }>(BEGIN, body.value);
  if (!asked.ok) return refuse(asked);
  const { batch, day = '' } = asked.value;
  return batch === undefined ? answer(await beginDay(day)) : answer(await beginBatch(batch));
}
