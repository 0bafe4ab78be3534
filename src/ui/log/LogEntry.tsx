import { Link } from '../kit/Link';
import type { ReactNode } from 'react';
import { day, moisture, moistureRange, range, span, ranged } from '../format/units';
import { PageHead } from '../kit/PageHead';
import { Panel } from '../kit/Panel';
import { BatchPhoto } from './BatchPhoto';
import { StorePacks } from './StorePacks';
import type { Beside } from '@/contract/log';
import { MeasuredNumber } from './MeasuredBeside';
import { PractiseBatch } from '../practice/PractiseBatch';
import { WhyPanel } from './WhyPanel';
import { WeighedForm, type WeighedValues } from './WeighedForm';
import { buttonClass } from '../kit/Button';
import { ThrowAway } from '../bin/ThrowAway';
import { PageTitle } from '../shell/PageTitle';

type LogEntryProps = {
  readonly id: string;
  readonly name: string;
  readonly baked_on: string | null;
  readonly forecast: {
    readonly pieces: number;
    readonly pieces_low: number;
    readonly pieces_high: number;
    readonly mass_loss_pct: number;
    readonly mass_loss_pct_low?: number | undefined;
    readonly mass_loss_pct_high?: number | undefined;
    readonly moisture_pct: number;
    readonly moisture_pct_low: number;
    readonly moisture_pct_high: number;
    readonly snap: number;
    readonly snap_low: number;
    readonly snap_high: number;
    readonly texture: string;
    readonly keeps_days: number;
    readonly keeps_low: number;
    readonly keeps_high: number;
  };
  readonly comparison: {
    readonly pieces: Beside | null;
    readonly loss_pct: Beside | null;
    readonly moisture_pct: Beside | null;
    readonly texture: { readonly measured: string; readonly predicted: string; readonly same: boolean } | null;
  } | null;
  readonly measured: WeighedValues | null;
  readonly revision: number;
  readonly textures: readonly string[];
  readonly colours: readonly string[];
  readonly verdicts: readonly string[];
  readonly dogs: readonly string[];
  readonly portions: readonly string[];
  readonly hasPhoto: boolean;
  readonly isStored: boolean;
};

const NOTHING: WeighedValues = {
  pieces: null,
  tray_g: 0,
  before_g: null,
  after_g: null,
  texture: null,
  note: '',
  minutes: null,
  thickness_mm: null,
  colour: null,
  dogs: [],
  portions: [],
};

/** One batch of the log: what was predicted, what was measured, and the form for it. */
export function LogEntry(props: LogEntryProps): ReactNode {
  const { id, name, baked_on, forecast, comparison, measured, revision, hasPhoto, isStored } = props;
  const { textures, colours, verdicts, dogs, portions } = props;
  return (
    <main className="mx-auto max-w-[1232px] px-6 py-5">
      <PageTitle>{`${name} in the log`}</PageTitle>
      <PageHead title={name} says={baked_on ? `baked ${day(baked_on)}` : 'not baked yet'}>
        {baked_on && !isStored && <StorePacks id={id} />}
        <PractiseBatch id={id} />
        <ThrowAway words="Delete" things={[{ kind: 'batch', id }]} leadsTo="/log" />
        <Link href={`/batch/${id}`} className={buttonClass()}>
          Open the batch
        </Link>
        <Link href="/log" className={buttonClass()}>
          Whole log
        </Link>
      </PageHead>
      <div className="grid gap-3 lg:grid-cols-[26rem_1fr]">
        <div className="flex flex-col gap-3">
          <Panel label="Measured beside predicted" className="px-5 py-4">
            <h2 className="pb-2 text-[19px]">Measured beside predicted</h2>
            <Comparison forecast={forecast} comparison={comparison} />
            <p className="pt-3 text-[14px] text-soft">
              {measured
                ? 'The forecast is the one made when the weights were first entered; later changes do not rewrite it.'
                : 'The forecast is fixed when you enter the weights, so that it cannot be bettered afterwards.'}
            </p>
          </Panel>
          {comparison?.loss_pct && <WhyPanel key={revision} id={id} />}
        </div>
        <Panel label="What scale and eye said" className="px-5 py-4">
          <h2 className="pb-2 text-[19px]">What scale and eye said</h2>
          <WeighedForm
            id={id}
            revision={revision}
            first={measured ?? NOTHING}
            {...{ textures, colours, verdicts, dogs, portions }}
          />
          <BatchPhoto id={id} hasPhoto={hasPhoto} />
        </Panel>
      </div>
    </main>
  );
}

type ComparisonProps = { readonly forecast: LogEntryProps['forecast']; readonly comparison: LogEntryProps['comparison'] };

function Comparison({ forecast, comparison }: ComparisonProps): ReactNode {
  return (
    <table className="w-full">
      <thead>
        <tr className="text-left text-[14px] text-soft [&>th]:py-1 [&>th]:font-normal">
          <th>
            <span className="sr-only">What</span>
          </th>
          <th>predicted</th>
          <th>measured</th>
        </tr>
      </thead>
      <tbody>
        {rowsOf(forecast, comparison).map(([what, likely, band, value]) => (
          <tr key={what} className="border-t border-hair align-top [&>td]:py-2">
            <td className="pr-3 text-soft">{what}</td>
            {/* Until something is weighed the band is all that is known: one number beside it would be read as a promise. */}
            {comparison || !band ? (
              <td className="pr-3">
                <strong>{likely}</strong>
                {band && <span className="block text-[14px] text-soft">{band}</span>}
              </td>
            ) : (
              <td className="pr-3">
                <strong>{band}</strong>
                <span className="block text-[14px] text-soft">in four of five batches</span>
              </td>
            )}
            <td>{value ?? <span className="text-soft">–</span>}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

type Row = readonly [what: string, likely: string, band: string, measured: ReactNode];

function rowsOf(forecast: LogEntryProps['forecast'], comparison: LogEntryProps['comparison']): readonly Row[] {
  const { pieces, loss_pct, moisture_pct, texture } = comparison ?? {};
  return [
    [
      'Pieces',
      String(forecast.pieces),
      range(forecast.pieces_low, forecast.pieces_high),
      pieces && <MeasuredNumber of={pieces} unit="" digits={0} />,
    ],
    [
      'Lost in the heat',
      `${forecast.mass_loss_pct.toFixed(1)} %`,
      lossBand(loss_pct, forecast),
      loss_pct && <MeasuredNumber of={loss_pct} unit=" %" digits={1} />,
    ],
    [
      'Water left',
      moisture(forecast.moisture_pct),
      moistureRange(forecast.moisture_pct_low, forecast.moisture_pct_high),
      moisture_pct && <MeasuredNumber of={moisture_pct} unit=" %" digits={1} />,
    ],
    ['Snap', forecast.snap.toFixed(1), range(forecast.snap_low, forecast.snap_high, 1), null],
    ['Texture', forecast.texture, '', texture && <strong>{texture.measured}</strong>],
    ['Keeps', span(forecast.keeps_days), ranged(forecast.keeps_low, forecast.keeps_high, 'day'), null],
  ];
}

/** As it was weighed against, or as it was predicted; nothing for a forecast of before losses had bands. */
function lossBand(
  weighed: { readonly low: number; readonly high: number } | null | undefined,
  { mass_loss_pct_low, mass_loss_pct_high }: LogEntryProps['forecast'],
): string {
  if (weighed) return `${range(weighed.low, weighed.high, 1)} %`;
  return mass_loss_pct_low === undefined || mass_loss_pct_high === undefined
    ? ''
    : `${range(mass_loss_pct_low, mass_loss_pct_high)} %`;
}
