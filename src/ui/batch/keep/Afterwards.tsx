import type { ReactNode } from 'react';
import type { Prediction } from '@/core/prediction';
import { temperature, span } from '../../format/units';

type AfterwardsProps = { readonly prediction: Prediction; readonly index: number };

/** Treats this damp are perishable; they thaw and come back by other rules [water activity]. */
const MOIST_FROM_AW = 0.85;
const CRISP_FROM_SNAP = 5;

/** Once it is open, out of the freezer, or gone soft: what still goes. */
export function Afterwards({ prediction, index }: AfterwardsProps): ReactNode {
  const { keeps, outcome, heat } = prediction;
  const { opened_days, store } = keeps[index];
  const moist = outcome.aw_centre > MOIST_FROM_AW;
  const rules = [
    opened_days !== null
      ? opened_days > 0
        ? ['Once open', `in a zip bag, at least ${span(opened_days)}.`]
        : ['Once open', 'it does not keep: eat it the same day, or freeze it again at once.']
      : null,
    store === 'freezer'
      ? [
          'Out of the freezer',
          moist || heat.raw !== null
            ? `closed, in the fridge; there up to ${heat.raw ? 3 : 4} days, on the counter 2 hours. Never freeze again what was above ${temperature(5)} for longer.`
            : 'closed, on the counter; open it when it no longer feels cold, or dew wets the treats. Then the days run on.',
        ]
      : null,
    moist
      ? ['Left out', `back into the fridge within 2 hours, within one above ${temperature(32)}.`]
      : outcome.snap >= CRISP_FROM_SNAP
        ? [
            'Gone soft',
            `10 to 15 minutes at ${temperature(120)} (fan ${temperature(110)}), then cold. The crunch comes back; the date does not move.`,
          ]
        : null,
    ['Mould', 'anywhere in a pack: the whole pack goes.'],
  ].filter((rule) => rule !== null);
  return (
    <dl className="grid gap-x-4 gap-y-1 text-[14.5px] sm:grid-cols-[auto_1fr]">
      {rules.map(([name, rule]) => (
        <div key={name} className="contents">
          <dt className="font-semibold">{name}</dt>
          <dd>{rule}</dd>
        </div>
      ))}
    </dl>
  );
}
