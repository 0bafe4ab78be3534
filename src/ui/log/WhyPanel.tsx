'use client';
import type { ReactNode } from 'react';
import type { ExplanationView } from '@/contract/explanation';
import type { Cause, Explanation } from '@/core/explain';
import { Alert } from '../kit/Alert';
import { Button } from '../kit/Button';
import { Panel } from '../kit/Panel';
import { useAsked } from '../kit/use-asked';
import { CONFIRM, causeWords, causesOf, shareWords, verdictWords } from './why-words';

/** Why a weighed batch came out so: asked for, since it takes a second or two. */
export function WhyPanel({ id }: { readonly id: string }): ReactNode {
  const [asked, ask] = useAsked<ExplanationView>(`/api/batches/${id}/explanation`);
  return (
    <Panel label="Why did it come out so?" className="px-5 py-4">
      <h2 className="pb-2 text-[19px]">Why did it come out so?</h2>
      {(asked.kind === 'no' || asked.kind === 'asking') && (
        <>
          <p className="pb-2 text-[14.5px] text-soft">
            What was measured is held against hundreds of batches that might have been: other thickness, water, oven and dough.
          </p>
          <Button disabled={asked.kind === 'asking'} onClick={ask}>
            {asked.kind === 'asking' ? 'Looking for causes …' : 'Explain it'}
          </Button>
        </>
      )}
      {asked.kind === 'wrong' && <Alert look="line">{asked.message}</Alert>}
      {asked.kind === 'told' && (
        <div role="status">
          {asked.told.explanation ? (
            <Told explanation={asked.told.explanation} />
          ) : (
            <p>A bowl in portions was not weighed shape by shape, so nothing can be said of it.</p>
          )}
        </div>
      )}
    </Panel>
  );
}

function Told({ explanation }: { readonly explanation: Explanation }): ReactNode {
  const { verdict, rest_share, draws } = explanation;
  const { forIt, against } = causesOf(explanation);
  const listed = verdict === 'explained' || verdict === 'beyond';
  return (
    <>
      <p className="pb-2">{verdictWords(explanation)}</p>
      {listed && (
        <>
          <ul data-causes>
            {forIt.map((cause) => (
              <CauseLine key={`${cause.cause} ${String(cause.measured)}`} cause={cause} />
            ))}
            {rest_share > 0.15 && (
              <li className="border-t border-hair py-1.5 text-soft">
                {shareWords(rest_share)} is left over: the weighing itself, and what is not in the model.
              </li>
            )}
          </ul>
          {against.length > 0 && (
            <p className="border-t border-hair pt-1.5 text-[14.5px] text-soft">
              Against it worked {against.map(causeWords).join('; ')}.
            </p>
          )}
          <p className="pt-2 text-[13.5px] text-soft">
            From {draws} possible batches, those most like yours. Shares are likely ones: what was measured is sure, the rest
            follows from it.
          </p>
        </>
      )}
    </>
  );
}

function CauseLine({ cause }: { readonly cause: Cause }): ReactNode {
  return (
    <li className="border-t border-hair py-1.5 first:border-0" data-cause={cause.cause}>
      <span className="flex flex-wrap items-baseline justify-between gap-x-3">
        <strong>{causeWords(cause)}</strong>
        <span>
          {shareWords(cause.share)} <span className="text-soft">({Math.abs(cause.points_pct).toFixed(1)} points)</span>
        </span>
      </span>
      <span aria-hidden className="mt-1 block h-2 rounded-full bg-water-pale">
        <span className="block h-2 rounded-full bg-water" style={{ width: `${Math.min(100, 100 * cause.share)}%` }} />
      </span>
      {!cause.measured && <span className="text-[14px] text-soft">To be sure next time: {CONFIRM[cause.cause]}.</span>}
    </li>
  );
}
