import { counted } from '@/core/quantities';
import { memo, type ReactNode } from 'react';
import { costReport, feedingInput, type KitchenCosts } from '@/core/outcomes';
import { stillAssumed, type BatchDocument } from '@/core/document';
import { type Prediction } from '@/core/prediction';
import { feedingVerdict, type DogProfile } from '@/core/feeding';
import type { Pantry } from '@/core/pantry';
import { DogChips } from '../dogs/DogChips';
import { safeSnap, shallBend, type Target } from '../format/safe-snap';
import { mass, moisture, moistureRange, range, ranged, sentence, span } from '../format/units';
import { ENDS, PACK_NAMES, STORE_NAMES, withoutWords } from '../format/words';
import { Button } from '../kit/Button';
import { CautionLine } from '../kit/CautionMark';
import { Hint } from '../kit/Hint';
import { Panel } from '../kit/Panel';
import { firstToEnd, shownKeeps } from './shown-keeps';
import { linesOnTreats } from './weigh/bowl';
import { priceWords } from './worth/price-words';

type OutcomePanelProps = {
  readonly document: BatchDocument;
  /** Which portion of the bowl it is of; null where the bowl is not shared out. */
  readonly portion: string | null;
  /** The newest likely run, and the newest with bands; old bands are shown faded until the new ones are there. */
  readonly nominal: Prediction;
  readonly banded: Prediction | null;
  readonly bandIsOld: boolean;
  readonly pantry: Pantry;
  readonly dogs: readonly DogProfile[];
  readonly costs: KitchenCosts;
  /** Takes every assumed value as given. */
  readonly onAccept: () => void;
};

/** What comes out: it never leaves the page, whichever bench is open. */
export const OutcomePanel = memo(function OutcomePanel({
  document,
  portion,
  nominal,
  banded,
  bandIsOld,
  pantry,
  dogs,
  costs,
  onAccept,
}: OutcomePanelProps): ReactNode {
  const { target } = document;
  const eaten = linesOnTreats(document, nominal.dough, pantry);
  const graver = nominal.cautions.filter(({ severity }) => severity !== 'note');
  return (
    <Panel
      label="What comes out"
      id="what-comes-out"
      className="flex scroll-mt-2 min-h-0 flex-col gap-2.5 overflow-y-auto px-[18px] py-3.5"
    >
      <h2 className="text-[19px]">{portion === null ? 'What comes out' : `${portion}: what comes out`}</h2>
      <AssumedLine document={document} onAccept={onAccept} />
      <SnapLine nominal={nominal} band={banded} old={bandIsOld} target={target} />
      <KeepsLine nominal={nominal} band={banded} old={bandIsOld} wanted={target?.keeps_days_min} />
      <YieldLine nominal={nominal} band={banded} old={bandIsOld}>
        <PriceLine {...{ document, nominal, pantry, costs }} />
      </YieldLine>
      <WaterLine nominal={nominal} band={banded} old={bandIsOld} />
      {dogs.length > 0 && (
        <div className="border-t border-hair pt-2">
          <DogChips
            verdicts={dogs.map((dog) => feedingVerdict(feedingInput(nominal, eaten), dog))}
            nameOf={(id) => pantry.get(id)?.name ?? id}
          />
        </div>
      )}
      {graver.length > 0 && (
        <div className="space-y-1.5 border-t border-hair pt-2.5">
          {graver.map((caution) => (
            <CautionLine key={caution.code} caution={{ ...caution, message: firstSentence(caution.message) }} />
          ))}
        </div>
      )}
      <p className="mt-auto border-t border-hair pt-2 text-[13px] leading-snug text-soft">
        Predictions, not tests. Bands hold four of five batches. Ask your vet; check your local feed rules.
      </p>
    </Panel>
  );
});

/** Keys of a document in words of the kitchen. */
const ASSUMED_NAMES: Readonly<Record<string, string>> = {
  heat: 'the programme',
  shape: 'the shape',
  'heat.appliance.kind': 'the oven',
  thickness_mm: 'how thick',
  cutter: 'the cutter',
  minutes: 'a time',
  setpoint_c: 'a temperature',
};

/** How much of this nobody said: a recipe from elsewhere leaves things open. */
function AssumedLine({ document, onAccept }: Pick<OutcomePanelProps, 'document' | 'onAccept'>): ReactNode {
  const paths = stillAssumed(document);
  if (paths.length === 0) return null;
  const names = [...new Set(paths.map((path) => ASSUMED_NAMES[path] ?? ASSUMED_NAMES[path.split('.').at(-1) ?? ''] ?? 'a size'))];
  return (
    <p className="-mt-1 text-[14px] leading-snug" data-assumed={paths.length}>
      <strong className="underline decoration-mind-fill decoration-dotted decoration-2 underline-offset-4">
        {paths.length} assumed
      </strong>
      : {names.join(', ')}.{' '}
      <Button look="small" onClick={onAccept}>
        Accept {paths.length === 1 ? 'it' : 'them'}
      </Button>
    </p>
  );
}

/** A difference in Snap that teeth notice. */
const NOTICED = 0.5;
const capitalised = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
/** The plate names a caution; its bench says why and what to do. */
const firstSentence = (text: string): string => text.split(/(?<=[.?])\s/)[0];

/** The newest likely run and the newest with bands. */
type LineProps = { readonly nominal: Prediction; readonly band: Prediction | null; readonly old: boolean };
type WantedLineProps = LineProps & { readonly wanted: number | undefined };

type HeadlineProps = {
  readonly name: ReactNode;
  readonly band: string;
  readonly old: boolean;
  readonly figure: string;
  readonly words: string;
  readonly hue: string;
  readonly test: string;
  /** What can be counted on; until that is drawn for what is shown, the likely figure stands there with a soft edge. */
  readonly counted?: boolean;
  readonly children?: ReactNode;
};

/** A big figure with its band beside it. */
function Headline({ name, band, old, figure, words, hue, test, counted: ofBand = false, children }: HeadlineProps): ReactNode {
  const soft = ofBand && old;
  return (
    <div className="border-t border-hair pt-2 first-of-type:border-0 first-of-type:pt-0">
      <p className="flex justify-between gap-2 text-[14px] text-soft">
        <span>{name}</span>
        <span
          className={`whitespace-nowrap ${old ? 'italic' : ''}`}
          data-band={test}
          title={old ? 'from before the last change; the new band is being drawn' : 'four of five batches fall inside'}
        >
          {band}
        </span>
      </p>
      <p className="leading-tight" data-outcome={test} data-soft={soft || undefined}>
        <strong
          className={`font-display text-[25px] font-semibold ${hue} ${soft ? 'border-b-2 border-dotted border-current/50 opacity-70' : ''}`}
        >
          {figure}
        </strong>{' '}
        <span className="text-[15px]">{words}</span>
      </p>
      {children}
    </div>
  );
}

type SnapBarProps = {
  readonly value: number;
  readonly low: number | undefined;
  readonly high: number | undefined;
  readonly wanted: number | undefined;
};

function SnapBar({ value, low, high, wanted }: SnapBarProps): ReactNode {
  const pct = (snap: number): string => `${snap * 10}%`;
  return (
    <div aria-hidden className="relative my-1.5 h-2.5 rounded-full bg-crunch-pale">
      {low !== undefined && high !== undefined && (
        <span
          className="absolute inset-y-0 rounded-full bg-crunch-fill/75"
          style={{ left: pct(low), width: pct(Math.max(0.15, high - low)) }}
        />
      )}
      {wanted !== undefined && (
        <span className="absolute -inset-y-1 w-0 border-l-2 border-dashed border-ink" style={{ left: pct(wanted) }} />
      )}
      <span
        className="absolute top-1/2 size-3.5 -translate-1/2 rounded-full border-2 border-face bg-crunch"
        style={{ left: `clamp(7px, ${pct(value)}, calc(100% - 7px))` }}
      />
    </div>
  );
}

function SnapLine({ nominal, band, old, target }: LineProps & { readonly target: Target }): ReactNode {
  const { outcome } = nominal;
  const drawn = old ? null : band;
  return (
    <Headline
      name={
        <Hint says="Crunch after a day in a closed pack, when the water has evened out: 0 is soft, 10 snaps clean.">Snap</Hint>
      }
      band={band ? range(band.outcome.snap_low, band.outcome.snap_high, 1) : '…'}
      old={old}
      figure={(drawn ? safeSnap(drawn.outcome, target) : outcome.snap).toFixed(1)}
      words={
        drawn
          ? `${shallBend(target) ? 'at most' : 'at least'} · likely ${outcome.snap.toFixed(1)}, ${outcome.texture}`
          : `likely, ${outcome.texture}`
      }
      hue="text-crunch"
      test="snap"
      counted
    >
      <SnapBar value={outcome.snap} low={band?.outcome.snap_low} high={band?.outcome.snap_high} wanted={target?.snap_min} />
      <p className="text-[14px] text-soft">
        {[freshWords(outcome), outcome.soft_while_hot ? 'still soft when hot: judge one cold' : ''].filter(Boolean).join('; ')}
      </p>
    </Headline>
  );
}

/** A day in a pack changes what was uneven: told where one would notice. */
const freshWords = ({ snap, snap_fresh }: Prediction['outcome']): string =>
  Math.abs(snap_fresh - snap) < NOTICED ? '' : `${snap_fresh.toFixed(1)} off the rack, then the water evens out`;

function KeepsLine({ nominal, band, old, wanted }: WantedLineProps): ReactNode {
  // All packs that hold anything count: the first of them to end is what the batch keeps.
  const keeps = shownKeeps(nominal, band, old);
  const at = firstToEnd(keeps);
  const first = nominal.keeps[at];
  const kept = band?.keeps[at];
  const { days } = keeps[at];
  const others = keeps.flatMap((one, i) => (i !== at && one.pieces > 0 ? [one] : []));
  const share = old ? null : (kept?.share_fit_pct ?? null);
  const advice = old ? undefined : band?.advice[0];
  return (
    <Headline
      name={
        <>
          <Hint says="Days until something ends it. Print the lower number as the best-before; the larger is what may happen if all goes well.">
            Keeps
          </Hint>
          {`, ${PACK_NAMES[first.option].toLowerCase()} ${STORE_NAMES[first.store]}`}
        </>
      }
      band={kept ? ranged(kept.days_low, kept.days_high, 'day') : '…'}
      old={old}
      figure={span(kept && !old ? kept.days_low : days)}
      words={kept && !old ? `at least · likely ${counted(days, 'day')}, ${ENDS[first.limit]}` : `likely, ${ENDS[first.limit]}`}
      hue="text-keep"
      test="keeps"
      counted
    >
      <p className="text-[14px] text-soft">
        {first.capped && `${sentence(capitalised(first.why))}.`}
        {wanted !== undefined && ` You want ${counted(wanted, 'day')}.`}
        {wanted !== undefined && share !== null && ` ${Math.round(share)} of 100 batches keep so long.`}
      </p>
      {others.map((one, i) => (
        <p key={i} className="text-[14px]">
          {PACK_NAMES[one.option]} {STORE_NAMES[one.store]}: <strong>{span(one.days_low)}</strong> at least, likely{' '}
          {span(one.days)}
        </p>
      ))}
      {advice && <p className="text-[14px]">{sentence(advice.text)}.</p>}
    </Headline>
  );
}

type PriceLineProps = Pick<OutcomePanelProps, 'document' | 'nominal' | 'pantry' | 'costs'>;

/** What 100 g cost, without the work and with it. */
function PriceLine({ document, nominal, pantry, costs }: PriceLineProps): ReactNode {
  const worth = costReport(document, nominal, costs);
  if (!worth || !nominal.cost) return null;
  const { currency, missing } = nominal.cost;
  return (
    <p className="text-[14px] text-soft" data-test="price">
      {[priceWords(worth, currency), withoutWords(missing, pantry)].filter(Boolean).join('; ')}
    </p>
  );
}

function YieldLine({ nominal, band, old, children }: LineProps & { readonly children: ReactNode }): ReactNode {
  const { outcome, feeding } = nominal;
  const blocked = nominal.blocked_by.length > 0;
  return (
    <Headline
      name="Yield"
      band={band ? ranged(band.yield.pieces_low, band.yield.pieces_high, 'piece') : '…'}
      old={old}
      figure={counted(nominal.yield.pieces, 'piece')}
      words={`${mass(nominal.yield.piece_final_g, 1)} each`}
      hue="text-dough"
      test="pieces"
    >
      <p className="text-[14px] text-soft">
        {mass(nominal.yield.piece_raw_g, 1)} raw · loses {outcome.mass_loss_pct.toFixed(0)} % ·{' '}
        {blocked ? 'not for feeding' : `${feeding.kcal_per_piece.toFixed(0)} kcal each`}
      </p>
      {children}
    </Headline>
  );
}

function WaterLine({ nominal, band, old }: LineProps): ReactNode {
  const { outcome, heat } = nominal;
  return (
    <Headline
      name="Water left"
      band={band ? moistureRange(band.outcome.moisture_pct_low, band.outcome.moisture_pct_high) : '…'}
      old={old}
      figure={moisture(outcome.moisture_pct)}
      words={`middle ${moisture(outcome.centre_moisture_pct)}`}
      hue="text-water"
      test="water"
    >
      <p className="text-[14px] text-soft">
        {heat.colour} · {heat.energy_kwh.toFixed(1)} kWh
      </p>
    </Headline>
  );
}
