import { counted } from '@/core/quantities';
import type { ReactNode } from 'react';
import type { Prediction } from '@/core/prediction';
import { across, length, mass } from '../../format/units';
import { Button } from '../../kit/Button';

type SheetWordsProps = {
  readonly out: Prediction['yield'];
  /** Cut along a printed sheet: hands do not scatter. */
  readonly template: boolean;
  readonly onRollTo: (width_mm: number) => void;
};

/** Where the pieces come from, and a size to roll to that gives more of them from the first roll. */
export function SheetWords({ out, template, onRollTo }: SheetWordsProps): ReactNode {
  const { first_roll, rerolled, pressed, minis, roll_to, bench_flour_g, lost_g, pieces } = out;
  if (!first_roll) return null;
  return (
    <div className="flex flex-wrap items-center gap-x-6 gap-y-1.5 text-[14px]">
      <p>
        <strong>{first_roll.pieces} from the first roll</strong> ({Math.round((100 * first_roll.pieces) / pieces)} %
        {!template &&
          first_roll.pieces_low < first_roll.pieces_high &&
          `, ${first_roll.pieces_low} – ${first_roll.pieces_high} as hands go`}
        ){rerolled > 0 && `, ${rerolled} re-rolled`}
        {pressed > 0 && `, ${pressed} pressed by hand`}
        {minis &&
          (minis.pieces > 0
            ? `; ${minis.pieces} minis of ${mass(minis.piece_raw_g, 1)}`
            : '; no mini fits between them: take a smaller one')}
        .
        {rerolled > 0 && (
          <span className="text-soft">
            {' '}
            Re-rolls take up {mass(bench_flour_g)} of flour and leave {mass(lost_g)} on the board; they come out tougher.
          </span>
        )}
      </p>
      {roll_to && (
        <p className="inline-flex items-center gap-2">
          <span>
            <strong>Roll to {across(roll_to.width_mm, roll_to.length_mm)}</strong> instead: {roll_to.pieces - first_roll.pieces}{' '}
            more from the first roll
          </span>
          <Button look="small" onClick={() => onRollTo(Math.round(roll_to.width_mm))}>
            Use it
          </Button>
        </p>
      )}
    </div>
  );
}

/** What is left over, and what it can still become. */
export function LeftOver({ out }: { readonly out: Prediction['yield'] }): ReactNode {
  const { scrap_g, scrap_uses } = out;
  if (!scrap_uses) return null;
  const { round_mm, pieces, piece_g } = scrap_uses;
  return (
    <p className="text-[14px]">
      <strong>{mass(scrap_g)} left over</strong>: one hand-pressed round of {length(round_mm)}
      {pieces > 0 && `, or ${counted(pieces, 'piece')} of ${mass(piece_g)}`}, or into the freezer for the next batch.
    </p>
  );
}
