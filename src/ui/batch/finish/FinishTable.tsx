import type { ReactNode } from 'react';
import { STEPS } from '@/core/catalogue';
import type { HeatStep } from '@/core/catalogue';
import type { Prediction } from '@/core/prediction';
import { duration, fineLength, temperature, mass } from '../../format/units';
import { WHEN_PUT_ON } from '../../format/words';
import { Button } from '../../kit/Button';
import { CautionShape } from '../../kit/CautionMark';
import { Choice } from '../../kit/Choice';
import { NumberField } from '../../kit/NumberField';
import { limits } from '../../kit/limits';
import type { BenchProps } from '../bench-props';
import { standsOf, withStanding, type Stands } from './finish-edits';

type Part = Prediction['parts'][number];

/** What goes on when the heat is over, and what the heat did to what went on before: when it sets, what it does in the pack. */
export function FinishTable({ document, edits, nominal }: Pick<BenchProps, 'document' | 'edits' | 'nominal'>): ReactNode {
  const { parts } = nominal.prediction;
  const finishes = parts.filter(({ role, on_treat_g }) => role !== 'dough' && on_treat_g > 0);
  if (finishes.length === 0) return null;
  const { steps } = document.heat;
  const onStands = (part: string, next: Stands): void =>
    edits.change<readonly HeatStep[]>(['heat', 'steps'], (now) => withStanding(now, part, next));
  return (
    <table
      className="w-full border-collapse text-[15px] max-sm:[&_thead]:sr-only max-sm:[&_tr]:block max-sm:[&_tr]:py-2 max-sm:[&_td]:block max-sm:[&_th]:block"
      aria-label="What goes on and in"
    >
      <thead>
        <tr className="text-left text-[14px] text-soft">
          <th className="py-0.5 font-normal">Goes on</th>
          <th className="font-normal">On each, packed</th>
          <th className="font-normal">Stands</th>
          <th className="font-normal">Sets</th>
          <th className="font-normal">In the pack</th>
        </tr>
      </thead>
      <tbody>
        {finishes.map((part) => (
          <tr key={part.name} className="border-t border-hair align-top">
            <th scope="row" className="py-1.5 pr-3 text-left font-semibold">
              {part.name}
              <span className="block text-[13px] font-normal text-soft">{whenWords(part)}</span>
            </th>
            <td className="py-1.5 pr-3 whitespace-nowrap">
              {grams(part.per_piece_g)} → <strong>{grams(part.final_per_piece_g)}</strong>
              <span className="block text-[13px] text-soft">
                {part.thickness_mm !== null && `${fineLength(part.thickness_mm)} · `}
                {part.kcal_per_piece < 10 ? part.kcal_per_piece.toFixed(1) : part.kcal_per_piece.toFixed(0)} kcal
              </span>
            </td>
            <td className="py-1 pr-3">
              {part.when === 'after' ? (
                <TimeToSet part={part} stands={standsOf(steps, part.name)} onStands={(next) => onStands(part.name, next)} />
              ) : (
                <Heated part={part} />
              )}
            </td>
            <td className="py-1.5 pr-3">{part.sets ? <Sets sets={part.sets} /> : <span className="text-soft">–</span>}</td>
            <td className="py-1.5">{packWords(part)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const grams = (value: number): string => mass(value, value < 10 ? 2 : 0);

const whenWords = ({ when }: Part): string => (when ? WHEN_PUT_ON[when] : '');

/** What a part that was in the heat got of it, and whether that is enough for what is raw in it. */
function Heated({ part: { hottest_c, needs_c } }: { readonly part: Part }): ReactNode {
  if (hottest_c === null) return <span className="text-soft">–</span>;
  const low = needs_c !== null && hottest_c < needs_c;
  return (
    <span className={low ? 'text-mind' : ''}>
      {low && <CautionShape severity="mind" />} gets {temperature(hottest_c)}
      {needs_c !== null && (
        <span className="block text-[13px] text-soft">what is raw in it calls for {temperature(needs_c)}</span>
      )}
    </span>
  );
}

/** What would have to stand longer than this is packed soft instead [min]. */
const A_DAY_MIN = 1440;

type TimeToSetProps = { readonly part: Part; readonly stands: Stands; readonly onStands: (next: Stands) => void };

/** How long it is left before it is packed, and where; one press gives it the time that it needs. */
function TimeToSet({ part, stands, onStands }: TimeToSetProps): ReactNode {
  const needs = part.sets?.stack_minutes ?? part.sets?.minutes ?? null;
  const short = needs !== null && stands.minutes > 0 && stands.minutes < needs - 1;
  return (
    <span className="flex flex-wrap items-center gap-1.5">
      <NumberField
        label={`Minutes that the ${part.name} stands`}
        shown={false}
        unit="min"
        value={stands.minutes}
        {...limits(STEPS['dry-coat'].fields.minutes)}
        min={0}
        width="w-11"
        onChange={(minutes) => onStands({ ...stands, put: true, minutes })}
      />
      <Choice
        label={`Where the ${part.name} stands`}
        shown={false}
        value={stands.at}
        options={[
          { value: 'room', name: 'in the kitchen' },
          { value: 'fridge', name: 'in the fridge' },
        ]}
        onChange={(at) => onStands({ ...stands, put: true, minutes: Math.max(stands.minutes, 30), at })}
      />
      {needs !== null && needs <= A_DAY_MIN && (short || stands.minutes === 0) && (
        <Button look="small" onClick={() => onStands({ ...stands, put: true, minutes: Math.ceil(needs / 5) * 5 })}>
          {duration(Math.ceil(needs / 5) * 5)}, until it stacks
        </Button>
      )}
    </span>
  );
}

/** When it is dry to the touch, and when it may be stacked. */
function Sets({
  sets: { by, minutes, minutes_low, minutes_high, stack_minutes },
}: {
  readonly sets: NonNullable<Part['sets']>;
}): ReactNode {
  if (by === 'not' || minutes === null || minutes > A_DAY_MIN) return <span>stays soft: pack it flat, one layer</span>;
  return (
    <span>
      <strong>{duration(minutes)}</strong> {by === 'cooling' ? 'to firm up' : 'to the touch'}
      <span className="block text-[13px] text-soft">
        {minutes_low === null ? '' : duration(minutes_low)} – {minutes_high === null ? 'over two days' : duration(minutes_high)}{' '}
        as air and thickness vary
        {stack_minutes !== null && stack_minutes > minutes + 1 && `; stacks after ${duration(stack_minutes)}`}
      </span>
    </span>
  );
}

/** Where its water goes once the pack is shut. */
function packWords({ aw, aw_evened }: Part): ReactNode {
  if (aw === null || aw_evened === null) return <span className="text-soft">as the piece</span>;
  if (Math.abs(aw - aw_evened) < 0.03) return <span className="text-soft">no water moves</span>;
  return (
    <span>
      water activity {aw.toFixed(2)} → {aw_evened.toFixed(2)}
      <span className="block text-[13px] text-soft">
        {aw > aw_evened ? 'it gives its water to the piece' : 'it takes water from the piece'}
      </span>
    </span>
  );
}
