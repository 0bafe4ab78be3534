import type { ReactNode } from 'react';
import { finishingFrom, type BatchDocument } from '@/core/document';
import type { Prediction } from '@/core/prediction';
import { dialHere } from '../format/dial-words';
import { snapWords, type Target } from '../format/safe-snap';
import { duration, moistureRange } from '../format/units';
import { SheetCautions, SheetPart } from './SheetPart';
import { workSteps, type WorkStep } from './work-steps';

type SheetHeatProps = { readonly document: BatchDocument; readonly prediction: Prediction };

/** The programme on the clock that starts with the first tray going in, with room to write; a portion that is baked by itself has its own. */
export function SheetHeat({ document, prediction }: SheetHeatProps): ReactNode {
  const own = prediction.portions.filter((_, i) => document.portions?.[i].heat !== undefined);
  const shared = own.length < prediction.portions.length || prediction.portions.length === 0;
  return (
    <SheetPart title="Heat" what={shared ? loadsWords(prediction.heat) : ''}>
      {shared && <Programme heat={document.heat} told={prediction} target={document.target} />}
      {prediction.portions.map((portion, i) => {
        const heat = document.portions?.[i].heat;
        return (
          heat && (
            <div key={portion.name}>
              <h3 className="pt-1.5 text-[15px]">
                {portion.name}{' '}
                <span className="font-text text-[13.5px] font-normal text-soft">by itself, {loadsWords(portion.heat)}</span>
              </h3>
              <Programme heat={heat} told={portion} target={document.target} />
            </div>
          )
        );
      })}
      <SheetCautions prediction={prediction} steps={['heat']} />
    </SheetPart>
  );
}

const loadsWords = ({
  minutes,
  loads,
  all_loads_minutes,
}: Pick<Prediction['heat'], 'minutes' | 'loads' | 'all_loads_minutes'>): string =>
  `${duration(minutes)}${loads > 1 ? `, ${loads} loads, ${duration(all_loads_minutes)} together` : ''}`;

type ProgrammeProps = {
  readonly target: Target;
  readonly heat: BatchDocument['heat'];
  readonly told: { readonly heat: Pick<Prediction['heat'], 'minutes' | 'colour'>; readonly outcome: Prediction['outcome'] };
};

function Programme({ heat, told: { heat: told, outcome }, target }: ProgrammeProps): ReactNode {
  const dial = dialHere();
  const lines = workSteps(heat, dial).slice(0, finishingFrom(heat.steps));
  return (
    <table className="w-full">
      <tbody>
        {lines.map((line, i) => (
          <StepRow key={i} line={line} />
        ))}
        <tr>
          <td className="py-0.5 font-semibold">{clock(told.minutes)}</td>
          <td>
            out; Snap {snapWords(outcome, target)}, water {moistureRange(outcome.moisture_pct_low, outcome.moisture_pct_high)},{' '}
            {told.colour}
            {outcome.soft_while_hot && '; still soft while hot, judge one cold'}
          </td>
          <td className="border-l border-hair" />
        </tr>
      </tbody>
    </table>
  );
}

/** One thing to do, when, and room to write beside it. */
function StepRow({ line: { minute, act, then } }: { readonly line: WorkStep }): ReactNode {
  return (
    <tr className="border-b border-hair">
      <td className="w-28 py-0.5 pr-3 font-semibold whitespace-nowrap">{clock(minute)}</td>
      <td>
        {act} <span className="text-soft">{then}</span>
      </td>
      <td className="w-24 border-l border-hair" />
    </tr>
  );
}

const clock = (minute: number): string => (minute === 0 ? 'start' : `+ ${duration(minute)}`);
