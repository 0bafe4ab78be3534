import type { ReactNode } from 'react';
import { Button } from '../../kit/Button';
import { OptionalNumber } from '../../kit/OptionalNumber';
import type { BenchProps } from '../bench-props';
import { RECIPE_LINE } from '@/core/document';

/** Below this an ingredient's water is not worth weighing [%]. */
const WET_PCT = 60;
const VARIES = new Set(['spent cereal grain', 'fruit puree', 'root/veg puree']);

/** Purees and drained grain are never twice as wet: the water of the lot at hand, weighed by drying a sample, replaces the table's. */
export function WeighedWater({
  document,
  edits,
  pantry,
  lots,
  line,
}: Pick<BenchProps, 'document' | 'edits' | 'pantry' | 'lots'> & { readonly line: number }): ReactNode {
  const { ingredient, water_pct } = document.recipe.ingredients[line];
  const row = pantry.get(ingredient);
  const tested =
    lots.find(({ ingredient_id, water_pct: weighed }) => ingredient_id === ingredient && weighed !== null)?.water_pct ?? null;
  if (!row || row.water < WET_PCT || !(VARIES.has(row.category) || water_pct !== undefined)) return null;
  const set = (water: number | null): void => edits.set(['recipe', 'ingredients', line, 'water_pct'], water ?? undefined);
  return (
    <p className="flex flex-wrap items-center gap-1.5 pt-0.5 text-[13px] text-soft">
      water as weighed
      <OptionalNumber
        label={`Water of ${row.name} as weighed`}
        unit="%"
        placeholder={row.water.toFixed(0)}
        max={RECIPE_LINE.fields.water_pct.max}
        value={water_pct ?? null}
        onChange={set}
      />
      {tested !== null && tested !== water_pct && (
        <Button look="small" onClick={() => set(tested)}>
          take the {tested} % of the lot in the house
        </Button>
      )}
    </p>
  );
}
