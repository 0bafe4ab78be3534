import Joi from 'joi';
import type { PracticeView } from '@/contract/practice';
import { succeed, type Result } from '@/core/failure';
import { GUESSES, type Guess } from '@/core/practice';
import { setVerdict } from '@/db/practice';
import { checkWith } from '@/formats/read-batch';
import { computeResult } from '../compute/compute';
import { withDatabase } from '../with-database';
import { keptPractice } from './of-practice';

type JudgeRequest = { readonly guess: Guess };
const REQUEST = Joi.object<JudgeRequest>({
  guess: Joi.string()
    .valid(...GUESSES)
    .required(),
});

/** Cuts a practice bake open, once its baker has said what is inside, and keeps how it was judged. */
export async function judgePractice(id: string, body: unknown): Promise<Result<Pick<PracticeView, 'verdict'>>> {
  const known = await withDatabase('helper', async (db) => {
    const checked = checkWith(REQUEST, body);
    if (!checked.ok) return checked;
    const kept = await keptPractice(db, id);
    return kept.ok ? succeed({ ...kept.value, guess: checked.value.guess }) : kept;
  });
  if (!known.ok) return known;
  const { row, of, guess } = known.value;
  if (row.verdict) return succeed({ verdict: row.verdict });
  const verdict = await computeResult('judgePractice', { ...of, guess });
  if (!verdict.ok) return verdict;
  return withDatabase('helper', async (db) => {
    await setVerdict(db, id, verdict.value);
    return succeed({ verdict: verdict.value });
  });
}
