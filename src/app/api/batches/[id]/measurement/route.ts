import { enteredNow, measureBatch } from '@/server/measure-batch';
import { answer, bodyJson, refuse, refuseOver } from '../../../answer';

type Context = { params: Promise<{ id: string }> };

/** Enters or corrects what was counted and weighed after baking; 409 with what stands there when someone did so in between. */
export async function PUT(request: Request, { params }: Context): Promise<Response> {
  const body = await bodyJson(request);
  if (!body.ok) return refuse(body);
  const { id } = await params;
  const entered = await measureBatch(id, body.value);
  if (entered.ok || entered.code !== 'CHANGED_ELSEWHERE') return answer(entered);
  const stands = await enteredNow(id);
  return stands.ok ? refuseOver(entered, stands.value) : refuse(stands);
}
