import Joi from 'joi';
import type { PracticeView } from '@/contract/practice';
import { fail, succeed, type Result } from '@/core/failure';
import { ASKINGS, HANDLINGS, type Act } from '@/core/practice';
import { addAct } from '@/db/practice';
import { checkWith } from '@/formats/read-batch';
import { computeResult } from '../compute/compute';
import type { Practised } from '../compute/jobs/practice-jobs';
import { withDatabase } from '../with-database';
import { keptPractice } from './of-practice';

/** What was done, after so many things that were done before: one sent twice is done once. */
type ActRequest = { readonly after: number; readonly act: Act };
const MOST_MIN = 10_000;
const REQUEST = Joi.object<ActRequest>({
  after: Joi.number().integer().min(0).required(),
  act: Joi.object({
    minute: Joi.number().min(0).max(MOST_MIN).required(),
    do: Joi.string()
      .valid('set', 'off', 'door', 'move', 'out', ...HANDLINGS, ...ASKINGS)
      .required(),
    setpoint_c: Joi.number()
      .min(0)
      .max(400)
      .when('do', { is: Joi.valid('set', 'move'), then: Joi.required(), otherwise: Joi.forbidden() }),
    door: Joi.string().valid('shut', 'ajar').when('do', { is: 'door', then: Joi.required(), otherwise: Joi.forbidden() }),
  }).required(),
});

/** The same bake is open twice. */
const ELSEWHERE = fail(
  'CHANGED_ELSEWHERE',
  'Something was done in this bake from another page. Reload to see it as it stands.',
  'after',
);

/** What changes in a view when something was done. */
export type Done = Pick<PracticeView, 'acts'> & Pick<Practised, 'minute' | 'standing' | 'seen' | 'window'>;

/** Does one thing in a practice bake, and tells what is seen since. */
export async function doInPractice(id: string, body: unknown): Promise<Result<Done>> {
  const known = await withDatabase('helper', async (db) => {
    const checked = checkWith(REQUEST, body);
    if (!checked.ok) return checked;
    const kept = await keptPractice(db, id);
    return kept.ok ? succeed({ ...kept.value, request: checked.value }) : kept;
  });
  if (!known.ok) return known;
  const { row, of, request } = known.value;
  if (row.verdict) return fail('BAD_VALUE', 'This bake was judged already. Begin another one.', 'act');
  // Sent once more, since the answer was lost: it stands there already.
  const again = request.after === of.acts.length - 1 && sameAct(of.acts[request.after], request.act);
  const acts = again ? of.acts.slice(0, -1) : of.acts;
  if (request.after !== acts.length) return ELSEWHERE;
  const shown = await computeResult('practise', { ...of, acts, act: request.act });
  if (!shown.ok) return shown;
  if (!again) {
    const added = await withDatabase('helper', async (db) => succeed(await addAct(db, id, request.after, request.act)));
    if (!added.ok) return added;
    if (!added.value) return ELSEWHERE;
  }
  const { minute, standing, seen, window } = shown.value;
  return succeed({ acts: [...acts, request.act], minute, standing, seen, window });
}

const sameAct = (one: Act, other: Act): boolean => one.do === other.do && one.minute === other.minute;
