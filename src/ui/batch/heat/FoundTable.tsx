import { counted } from '@/core/quantities';
import type { ReactNode } from 'react';
import type { CostReport } from '@/core/outcomes';
import type { Candidate, Failed, Obstacle, Strategy } from '@/core/search';
import { colourWord } from '@/core/heat';
import { Button } from '../../kit/Button';
import { Table } from '../../kit/Table';
import type { Dial } from '../../format/dial-words';
import { duration, massBase, moistureRange, range } from '../../format/units';
import { money } from '../../format/money';
import { differenceWords } from '../worth/difference-words';
import { inWords } from './programme-edits';
import { dialHere } from '../../format/dial-words';
import { LINE_LOOKS } from './FoundOverlay';

export const STRATEGY_NAMES: Record<Strategy, string> = {
  'one-bake': 'One bake',
  'hot-then-low': 'Hot, then low',
  'oven-off': 'Bake, oven off',
  'low-and-long': 'Low and long',
  'dryer-second': 'Bake, then the dryer',
  'as-written': 'As written, long enough',
};

const OBSTACLES: Record<Obstacle, string> = {
  'too-dark': 'it gets too dark before',
  'never-gets-there': 'it never gets there',
  'not-hot-enough': 'the middle is not hot enough while it is wet',
  'one-stage-does': 'its first stage alone would do',
  'too-dry': 'it gets too dry before it keeps so long',
  'too-late': 'it takes too long',
  'oven-too-long': 'it blocks the oven too long',
  asleep: 'somebody would have to get up',
  'no-setpoint': 'the dial cannot be set so',
  'no-dryer': 'no dryer may be used',
  'not-sure': 'it gets there in too few of ten batches, however long it stays',
  caution: 'a stop caution forbids it',
};

const headsOf = (): string[] => [
  '',
  'Programme',
  'Time',
  'Oven',
  'Visits',
  'Energy',
  `${massBase()}, with your time`,
  'Snap',
  'Water',
  'Keeps',
  'Edge',
  'Gets there',
  '',
];

type FoundTableProps = {
  readonly candidates: readonly Candidate[];
  /** What the whole batch costs with it; null where nothing has a price. */
  readonly costReport: (candidate: Candidate) => CostReport | null;
  readonly onTake: (candidate: Candidate) => void;
};

/** The programmes side by side: time, oven, visits, energy and what comes out, each with its band. */
export function FoundTable({ candidates, costReport, onTake }: FoundTableProps): ReactNode {
  const dial = dialHere();
  const priced = candidates.flatMap((candidate) => {
    const worth = costReport(candidate);
    return worth ? [{ candidate, worth }] : [];
  });
  return (
    <>
      <Table label="Programmes compared" heads={headsOf()}>
        <tbody>
          {candidates.map((candidate, i) => {
            const worth = priced.find((one) => one.candidate === candidate)?.worth;
            return (
              <CandidateRow
                key={candidate.strategy}
                {...{ candidate, worth, dial }}
                look={LINE_LOOKS[i]}
                onTake={() => onTake(candidate)}
              />
            );
          })}
        </tbody>
      </Table>
      <Cheapest priced={priced} />
    </>
  );
}

type Priced = { readonly candidate: Candidate; readonly worth: CostReport };

/** Which of the programmes is the cheapest, and for which part of the cost. */
function Cheapest({ priced }: { readonly priced: readonly Priced[] }): ReactNode {
  if (priced.length < 2) return null;
  const [least, ...others] = [...priced].sort((x, y) => x.worth.per.hundred_g.total - y.worth.per.hundred_g.total);
  const currency = least.candidate.prediction.cost?.currency ?? 'GBP';
  return (
    <p className="pt-1 text-[14px]" data-cheapest>
      <strong>{STRATEGY_NAMES[least.candidate.strategy]}</strong> is the cheapest.{' '}
      {others
        .map(({ candidate, worth }) => `${STRATEGY_NAMES[candidate.strategy]} ${differenceWords(least.worth, worth, currency)}`)
        .join('; ')}
      .
    </p>
  );
}

/** Why other ways of going about it will not do, and how near they come. */
export function FailedList({ failed }: { readonly failed: readonly Failed[] }): ReactNode {
  const dial = dialHere();
  if (failed.length === 0) return null;
  return (
    <div className="text-[14px]">
      <h3 className="text-[15px]">What will not do</h3>
      <ul>
        {failed.map(({ strategy, why, because, nearest }) => (
          <li key={strategy}>
            <strong>{STRATEGY_NAMES[strategy]}:</strong> {OBSTACLES[why]}
            {because && `: ${OBSTACLES[because]}`}
            {nearest && (
              <span className="text-soft">
                {' '}
                – nearest {inWords(nearest.heat, dial)}: Snap {nearest.snap.toFixed(1)},{' '}
                {counted(Math.floor(nearest.days), 'day')}, {colourWord(nearest.browning)}, {duration(nearest.minutes)}
              </span>
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** What 100 g cost, without the work and under it with it. */
function Price({ worth: { per, missing }, currency }: { readonly worth: CostReport; readonly currency: string }): ReactNode {
  return (
    <>
      {money(per.hundred_g.withoutLabour, currency)}
      <br />
      <span className="text-soft">{missing.includes('labour') ? 'not counted' : money(per.hundred_g.total, currency)}</span>
    </>
  );
}

type CandidateRowProps = {
  readonly candidate: Candidate;
  readonly look: string | undefined;
  readonly worth: CostReport | undefined;
  readonly dial: Dial;
  readonly onTake: () => void;
};

function CandidateRow({ candidate, look, worth, dial, onTake }: CandidateRowProps): ReactNode {
  const { strategy, heat, prediction, minutes, oven_minutes, visits, energy_kwh, energy_cost, chance, chilled_days } = candidate;
  const { outcome, keeps, cost } = prediction;
  return (
    <tr className="border-t border-hair align-top [&>td]:py-1 [&>td]:pr-3">
      <td>
        <svg width={26} height={14} aria-hidden className="mt-1">
          <line x1={1} x2={25} y1={7} y2={7} className="stroke-ink" strokeWidth={2} strokeDasharray={look} />
        </svg>
      </td>
      <td className="max-sm:min-w-0 max-sm:flex-1 max-sm:basis-3/4">
        <strong>{STRATEGY_NAMES[strategy]}</strong>
        <br />
        <span className="text-soft">{inWords(heat, dial)}</span>
      </td>
      <td data-head="time" className="font-semibold whitespace-nowrap">
        {duration(minutes)}
      </td>
      <td data-head="oven" className="whitespace-nowrap">
        {duration(oven_minutes)}
      </td>
      <td data-head="visits">{visits}</td>
      <td className="whitespace-nowrap">
        {energy_kwh.toFixed(1)} kWh
        {energy_cost !== null && cost && (
          <>
            <br />
            <span className="text-soft">{money(energy_cost, cost.currency)}</span>
          </>
        )}
      </td>
      <td className="whitespace-nowrap">{worth && cost ? <Price worth={worth} currency={cost.currency} /> : '–'}</td>
      <td data-head="Snap" className="whitespace-nowrap">
        <strong className="text-crunch">{outcome.snap.toFixed(1)}</strong>
        <br />
        <span className="text-soft">{range(outcome.snap_low, outcome.snap_high, 1)}</span>
      </td>
      <td data-head="water" className="whitespace-nowrap">
        {moistureRange(outcome.moisture_pct_low, outcome.moisture_pct_high)}
      </td>
      <td data-head="keeps" className="whitespace-nowrap">
        <strong className="text-keep">{counted(Math.floor(keeps[0].days), 'day')}</strong>
        <br />
        <span className="text-soft">
          {chilled_days === null ? range(keeps[0].days_low, keeps[0].days_high) : `${chilled_days} in the fridge`}
        </span>
      </td>
      <td data-head="edge">{colourWord(prediction.heat.browning)}</td>
      <td data-head="gets there" className="whitespace-nowrap">
        {chance === null ? '–' : `${Math.round(100 * chance)} of 100`}
      </td>
      <td>
        <Button look="small" aria-label={`Take it: ${STRATEGY_NAMES[strategy]}`} onClick={onTake}>
          Take it
        </Button>
      </td>
    </tr>
  );
}
