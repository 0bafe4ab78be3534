'use client';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import type { LearnedAppliance } from '@/contract/log';
import { Alert } from '../kit/Alert';
import { Button } from '../kit/Button';
import { Panel } from '../kit/Panel';
import { call, wrongWith } from '../kit/api';
import { day, fineLength, warmer } from '../format/units';
import { MissStrip, missWords } from './MissStrip';

type LearnedPanelProps = {
  readonly appliances: readonly LearnedAppliance[];
  readonly cup_fill: string | null;
  readonly gap_mm: number | null;
  readonly gaps: number;
  readonly losses: {
    readonly share: number;
    readonly batches: number;
    readonly packed: number;
    readonly discarded: number;
    readonly used: boolean;
    readonly since: string | null;
  };
};

const WORTH_A_WORD_K = 1;
/** Forecasts that keep missing widen themselves. */
const FEW_HITS = 0.6;
const ENOUGH = 5;

/** This kitchen's own numbers: what its weighed batches taught, and how much they rest on. */
export function LearnedPanel({ appliances, cup_fill, gap_mm, gaps, losses }: LearnedPanelProps): ReactNode {
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | null>(null);
  const change: Change = (id, body) =>
    void call(`/api/learned/${id}`, { method: 'PUT', body }).then((answer) => {
      setTrouble(wrongWith(answer));
      if (answer.ok) router.refresh();
    });
  const known = appliances.filter(({ batches, since }) => batches > 0 || since !== null);
  return (
    <Panel label="What this kitchen taught" className="mb-3 px-5 py-3 text-[14.5px]">
      <h2 className="pb-1 text-[19px]">What this kitchen taught</h2>
      <Alert look="line">{trouble}</Alert>
      {known.length === 0 && (
        <p className="text-soft">Weigh a tray before, half-way and after: then the next forecast knows this oven.</p>
      )}
      <ul>
        {known.map((one) => (
          <ApplianceLine key={one.id} one={one} change={change} />
        ))}
        <LossesLine losses={losses} change={change} />
      </ul>
      <HandsLine cup_fill={cup_fill} gap_mm={gap_mm} gaps={gaps} change={change} />
    </Panel>
  );
}

/** Uses what was learned, or no more, or forgets it. */
type Change = (id: string, body: object) => void;

type UseOfProps = {
  readonly used: boolean;
  readonly label: string;
  readonly name: string;
  readonly onChange: (body: { readonly used: boolean } | { readonly reset: true }) => void;
};

/** Whether something learned is used, and forgetting it. */
function UseOf({ used, label, name, onChange }: UseOfProps): ReactNode {
  return (
    <span className="ml-auto flex items-center gap-3 whitespace-nowrap">
      <label className="print:hidden inline-flex min-h-[24px] pointer-coarse:min-h-[44px] cursor-pointer items-center gap-1.5">
        <input
          type="checkbox"
          className="size-4 accent-current"
          aria-label={label}
          checked={used}
          onChange={() => onChange({ used: !used })}
        />
        in use
      </label>
      <Button
        look="quiet"
        className="min-h-[24px] pointer-coarse:min-h-[44px] underline"
        onClick={() => onChange({ reset: true })}
        aria-label={`Reset what is learned for ${name}`}
      >
        reset
      </Button>
    </span>
  );
}

const percent = (share: number): string => `${(100 * share).toFixed(share < 0.1 ? 1 : 0)} %`;

type ApplianceLineProps = { readonly one: LearnedAppliance; readonly change: Change };

function ApplianceLine({ one, change }: ApplianceLineProps): ReactNode {
  return (
    <li
      className="flex flex-wrap items-baseline gap-x-3 gap-y-1 border-t border-hair py-1.5 first:border-0"
      data-learned={one.id}
    >
      <strong>{one.name}</strong>
      {one.batches === 0 ? (
        <span className="text-soft">started again; counts batches from {one.since && day(one.since)}</span>
      ) : (
        <>
          <span>
            works at <strong>{one.pace.toFixed(2)}</strong> of the model’s pace ({one.pace_low.toFixed(2)} –{' '}
            {one.pace_high.toFixed(2)})
            {one.offset_K !== null &&
              Math.abs(one.offset_K) >= WORTH_A_WORD_K &&
              `, ${warmer(Math.abs(one.offset_K))} ${one.offset_K > 0 ? 'hotter' : 'cooler'} than its dial tells`}
          </span>
          <span className="text-soft">
            from {one.batches === 1 ? 'one batch' : `${one.batches} batches`}
            {one.tally.of >= ENOUGH &&
              one.tally.inside / one.tally.of < FEW_HITS &&
              `; ${one.tally.inside} of ${one.tally.of} end times foreseen at the oven came true, so those are told wider now`}
          </span>
        </>
      )}
      {one.misses.length > 0 && (
        <span className="order-last flex min-w-0 basis-full flex-wrap items-center gap-x-2">
          <MissStrip name={one.name} misses={one.misses} />
          <span className="text-[13px] text-soft">{missWords(one.misses)}</span>
        </span>
      )}
      <UseOf
        used={one.used}
        label={`New batches use what the ${one.name} taught`}
        name={one.name}
        onChange={(body) => change(one.id, body)}
      />
    </li>
  );
}

type LossesLineProps = { readonly losses: LearnedPanelProps['losses']; readonly change: Change };

function LossesLine({ losses, change }: LossesLineProps): ReactNode {
  return (
    <>
      {(losses.batches > 0 || losses.since !== null) && (
        <li className="flex flex-wrap items-baseline gap-x-3 gap-y-1 border-t border-hair py-1.5" data-learned="losses">
          <strong>Losses</strong>
          {losses.batches === 0 ? (
            <span className="text-soft">started again; counts batches from {losses.since && day(losses.since)}</span>
          ) : (
            <>
              <span>
                <strong>{percent(losses.share)}</strong> of the pieces predicted are never eaten or sold
              </span>
              <span className="text-soft">
                from {losses.batches === 1 ? 'one count' : `${losses.batches} counts`} and {losses.discarded} of {losses.packed}{' '}
                packed pieces thrown away; what a batch costs uses it
              </span>
            </>
          )}
          <UseOf
            used={losses.used}
            label="Costs use what this kitchen loses"
            name="losses"
            onChange={(body) => change('kitchen:losses', body)}
          />
        </li>
      )}
    </>
  );
}

type HandsLineProps = {
  readonly cup_fill: string | null;
  readonly gap_mm: number | null;
  readonly gaps: number;
  readonly change: Change;
};

function HandsLine({ cup_fill, gap_mm, gaps, change }: HandsLineProps): ReactNode {
  return (
    <p className="flex flex-wrap items-baseline gap-x-3 pt-1 text-soft">
      {[
        gap_mm === null ? null : `hands leave ${fineLength(gap_mm)} between cut-outs (${gaps} bakes)`,
        cup_fill === null ? null : `cups are ${cup_fill}`,
      ]
        .filter(Boolean)
        .join(' · ')}
      {(gap_mm !== null || cup_fill !== null) && (
        <Button
          look="quiet"
          className="min-h-[24px] pointer-coarse:min-h-[44px] underline"
          onClick={() => change('hands:cups', { reset: true })}
        >
          forget hands and cups
        </Button>
      )}
    </p>
  );
}
