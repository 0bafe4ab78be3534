'use client';
import { ArrowDownToLine } from 'lucide-react';
import type { ReactNode } from 'react';
import { onScale } from '@/core/quantities';
import { mass } from '../../format/units';
import { Button } from '../../kit/Button';
import { OptionalNumber } from '../../kit/OptionalNumber';
import { nameOf, type BenchProps } from '../bench-props';
import { BOWL_PARTS, bowlOrder } from './bowl';
import type { ScaleState } from './use-scale';
import { RECIPE_LINE } from '@/core/document';

type BowlTableProps = Pick<BenchProps, 'document' | 'edits' | 'nominal' | 'pantry' | 'habits'> & { readonly scale: ScaleState };

/** The bowl in the order of the work: what was planned, and what really went in. */
export function BowlTable({ document, edits, nominal, pantry, habits, scale }: BowlTableProps): ReactNode {
  const { ingredients } = nominal.prediction.dough;
  const setActual = (line: number, actual_g: number | null): void =>
    edits.set(['recipe', 'ingredients', line, 'actual_g'], actual_g ?? undefined);
  return (
    <table className="stacked w-full border-collapse text-[15px]" aria-label="Into the bowl">
      <thead>
        <tr className="text-left text-[14px] text-soft">
          <th className="py-0.5 font-normal">Into the bowl</th>
          <th>
            <span className="sr-only">Ingredient</span>
          </th>
          <th className="w-24 text-right font-normal">Planned</th>
          <th className="w-56 pl-6 font-normal">Really in it</th>
          <th className="w-24 text-right font-normal">Differs by</th>
        </tr>
      </thead>
      {bowlOrder(document, pantry).map(({ part, lines }) => (
        <tbody key={part}>
          {lines.map((line, i) => {
            const { ingredient, actual_g } = document.recipe.ingredients[line];
            const planned_g = onScale(ingredients[line]?.planned_g ?? 0, habits.scale_step_g).mass_g;
            const name = nameOf(pantry, ingredient);
            const reading = scale.kind === 'reading' ? scale : null;
            return (
              <tr key={line} className="border-t border-hair">
                {i === 0 && (
                  <th
                    rowSpan={lines.length}
                    scope="rowgroup"
                    className="whole w-36 py-1 pr-3 text-left align-top text-[13.5px] font-semibold text-dough"
                  >
                    {BOWL_PARTS.find((one) => one.part === part)?.name}
                  </th>
                )}
                <LineCells {...{ name, planned_g, actual_g, reading }} onActual={(grams) => setActual(line, grams)} />
              </tr>
            );
          })}
        </tbody>
      ))}
    </table>
  );
}

/** Further off than this is worth seeing [1]. */
const WORTH_SEEING = 0.05;

function Difference({ by_g, of_g }: { readonly by_g: number; readonly of_g: number }): ReactNode {
  if (Math.abs(by_g) < 0.5) return <span className="text-soft">as planned</span>;
  const strong = Math.abs(by_g) > WORTH_SEEING * of_g;
  return (
    <span className={strong ? 'font-semibold text-mind' : 'text-soft'}>
      {by_g > 0 ? '+' : '−'}
      {mass(Math.abs(by_g), 0)}
    </span>
  );
}

type LineCellsProps = {
  readonly name: string;
  readonly planned_g: number;
  readonly actual_g: number | undefined;
  readonly reading: Extract<ScaleState, { kind: 'reading' }> | null;
  readonly onActual: (grams: number | null) => void;
};

function LineCells({ name, planned_g, actual_g, reading, onActual }: LineCellsProps): ReactNode {
  return (
    <>
      <td className="whole py-0.5 pr-3 font-semibold">{name}</td>
      <td data-head="planned" className="text-right font-display text-[17px] font-semibold whitespace-nowrap">
        {mass(planned_g)}
      </td>
      <td data-head="really" className="py-0.5 pl-6 whitespace-nowrap">
        <OptionalNumber
          label={`Really in it, ${name}`}
          unit="g"
          placeholder={String(planned_g)}
          value={actual_g ?? null}
          max={RECIPE_LINE.fields.actual_g.max}
          onChange={onActual}
        />{' '}
        {reading && (
          <Button
            look="small"
            disabled={!reading.stable || reading.grams < 0}
            aria-label={`Take ${mass(reading.grams, 0)} from the scale for ${name}`}
            onClick={() => onActual(reading.grams)}
          >
            <ArrowDownToLine aria-hidden size={14} /> {mass(reading.grams, 0)}
          </Button>
        )}
      </td>
      <td className="text-right">{actual_g === undefined ? '' : <Difference by_g={actual_g - planned_g} of_g={planned_g} />}</td>
    </>
  );
}
