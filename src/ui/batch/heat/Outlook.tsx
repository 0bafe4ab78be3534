import type { ReactNode } from 'react';
import type { Moment } from '@/core/programme';
import type { Prediction } from '@/core/prediction';
import { moisture, sentence } from '../../format/units';
import { chipWords, type ReachedMoment } from './reached-words';

const LOOKS: Readonly<Record<Moment, string>> = {
  'frozen-through': 'border-water bg-water-pale',
  'ice-gone': 'border-water bg-water-pale',
  set: 'border-hair bg-enamel',
  'hot-enough': 'border-moss bg-moss-pale',
  'pick-clean': 'border-moss bg-moss-pale',
  golden: 'border-hair bg-enamel',
  'heart-dry': 'border-water bg-water-pale',
  'snaps-when-cold': 'border-crunch-fill bg-crunch-pale',
  'too-dark': 'border-heat bg-heat-pale',
};

type Heat = Prediction['heat'];

/** Air from which colour is looked for [°C]. */
const BAKES_FROM_C = 130;

/** Things whose absence is worth a word in this programme: heat where something is raw, colour where there is a bake. */
function missedOf({ raw, timeline }: Heat): ReadonlySet<Moment> {
  const bakes = timeline.some(({ air_c }) => air_c >= BAKES_FROM_C);
  return new Set<Moment>([
    'frozen-through',
    'ice-gone',
    'heart-dry',
    'pick-clean',
    'snaps-when-cold',
    ...(raw ? (['hot-enough'] as const) : []),
    ...(bakes ? (['golden'] as const) : []),
  ]);
}

/** When each thing worth knowing is reached, with the band of four batches in five once it is known. */
export function ReachedChips({
  heat,
  banded,
}: {
  readonly heat: Heat;
  readonly banded: readonly ReachedMoment[] | null;
}): ReactNode {
  const missed = missedOf(heat);
  return (
    <ul className="flex flex-wrap gap-x-1.5 gap-y-1" aria-label="When things are reached">
      {heat.reached.map((moment) => (
        <ReachedChip
          key={moment.what}
          moment={moment}
          missed={missed.has(moment.what)}
          band={banded?.find(({ what }) => what === moment.what) ?? null}
        />
      ))}
    </ul>
  );
}

type ReachedChipProps = { readonly moment: ReachedMoment; readonly missed: boolean; readonly band: ReachedMoment | null };

function ReachedChip({ moment, missed, band }: ReachedChipProps): ReactNode {
  const chip = chipWords(moment, missed, band);
  if (!chip) return null;
  return (
    <li
      className={`rounded-full border-[1.4px] px-2.5 py-0.5 text-[13.5px] ${chip.at === null ? 'border-dashed border-hair text-soft' : LOOKS[moment.what]}`}
    >
      {sentence(chip.words)} {chip.at !== null && <strong>{chip.at} </strong>}
      <small className="text-[12px]">{sentence(chip.sure)}</small>
    </li>
  );
}

/** What could be measured so that a band shrinks, in the baker's words. */
const MEASURE: Readonly<Record<string, readonly [cause: string, cure: string]>> = {
  thickness: ['how evenly it is rolled', 'roll between guides or measure ten pieces'],
  water: ['the water in the dough', 'do the weigh-dry test'],
  thermostat: ["the oven's dial", 'hang a thermometer in it and enter the error under Kit'],
  convection: ['how the air moves in this oven', 'weigh a tray half-way and enter it'],
  diffusion: ['how readily it gives up water', 'weigh a tray half-way and enter it'],
  pores: ['how airy the crumb turns out', 'weigh a tray half-way and enter it'],
  isotherm: ['how tightly it holds its last water', 'break one cold before you pack'],
  load: ['how much stands in it at once', 'weigh what goes in'],
  vent: ['how much air the vent lets through', 'note how far the vent is open'],
  heater: ["the heater's strength", 'read its watts off the plate and enter them under Kit'],
  exposure: ['how far apart the pieces lie', 'keep the same gap'],
  humidity: ["the kitchen's damp", 'read a hygrometer'],
  browning: ['how fast it colours', 'look in before the end'],
  vacuum: ['how good the vacuum is', 'weigh a tray before and after'],
};

/** Less than this is nothing to measure for [1]. */
const WORTH_MEASURING = 0.12;

/** What the width of the water's band comes from, and what knowing it would buy. */
export function VarianceLine({ banded }: { readonly banded: Prediction | null }): ReactNode {
  const first = banded?.outcome.variance_shares[0];
  const measure = first && MEASURE[first.input];
  if (!first || !measure || !banded) return null;
  const { moisture_pct_low: low, moisture_pct_high: high } = banded.outcome;
  if (high - low < 1 || first.share < WORTH_MEASURING) return null;
  const left = Math.round(first.leaves * 100);
  return (
    <p className="text-[14px]">
      Most of what is unsure ({Math.round(first.share * 100)} %) is <strong>{measure[0]}</strong>: {measure[1]}
      {left < 97 ? `, and the band of ${moisture(low)} to ${moisture(high)} water shrinks to ${left} % of its width.` : '.'}
    </p>
  );
}

const OTHERS: Record<Prediction['outcome']['others'][number]['which'], string> = {
  thinnest: 'thinnest of ten',
  thickest: 'thickest of ten',
  mini: 'the minis',
  'best-tray': 'best aired tray',
  'worst-tray': 'worst aired tray',
};

/** How other pieces of the same batch end: never only the mean. */
export function OthersLine({ banded }: { readonly banded: Prediction | null }): ReactNode {
  const others = banded?.outcome.others ?? [];
  if (others.length === 0) return null;
  return (
    <ul className="flex flex-wrap gap-x-4 gap-y-0.5 text-[14px]" aria-label="Other pieces of this batch">
      {others.map(({ which, centre_moisture_pct, snap }) => (
        <li key={which}>
          <span className="text-soft">{OTHERS[which]}:</span> middle{' '}
          <strong className="text-water">{moisture(centre_moisture_pct)}</strong>, Snap{' '}
          <strong className="text-crunch">{snap.toFixed(1)}</strong>
        </li>
      ))}
    </ul>
  );
}
