import Joi from 'joi';
import { checkWith } from '@/formats/read-batch';
import { putBatchAway } from '@/server/jars/put-away';
import { answer, bodyJson, refuse } from '../answer';

const PUT_AWAY = Joi.object({ batch: Joi.string().guid().required() });

/** Puts a baked batch into the store room. */
export async function POST(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  if (!body.ok) return refuse(body);
  const asked = checkWith<{ batch: string }>(PUT_AWAY, body.value);
  return asked.ok ? answer(await putBatchAway(asked.value.batch), 201) : refuse(asked);
}
