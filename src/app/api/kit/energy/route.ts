import { saveEnergyPrice } from '@/server/kit';
import { answerSaved, bodyJson, refuse } from '../../answer';

/** Notes what a kilowatt hour costs. */
export async function PUT(request: Request): Promise<Response> {
  const body = await bodyJson(request);
  return body.ok ? answerSaved(await saveEnergyPrice(body.value)) : refuse(body);
}
