import Link from 'next/link';
import type { ReactNode } from 'react';
import { day } from '../format/units';
import { Plate } from '../kit/Plate';
import { MeasuredBeside, type Beside } from './MeasuredBeside';

type LogRow = {
  readonly id: string;
  readonly name: string;
  readonly baked_on: string | null;
  readonly changed_at: string;
  readonly forecast: {
    readonly pieces: number;
    readonly snap: number;
    readonly texture: string;
    readonly mass_loss_pct: number;
    readonly moisture_pct: number;
  };
  readonly comparison: {
    readonly pieces: Beside | null;
    readonly loss_pct: Beside | null;
    readonly moisture_pct: Beside | null;
    readonly texture: { readonly measured: string; readonly predicted: string; readonly same: boolean } | null;
  } | null;
};

/** Every batch: what was predicted, and what scale and eye said. */
export function LogBook({ entries }: { readonly entries: readonly LogRow[] }): ReactNode {
  const weighed = entries.filter(({ comparison }) => comparison?.loss_pct);
  const inside = weighed.filter(({ comparison }) => comparison?.loss_pct?.inside).length;
  return (
    <main className="mx-auto max-w-[1232px] px-6 py-5">
      <header className="flex flex-wrap items-baseline gap-x-4 pb-4">
        <h1 className="text-[27px]">Log</h1>
        {weighed.length > 0 && (
          <p className="text-soft">
            {inside} of {weighed.length} weighed batches fell inside their band{shiftWords(weighed)}
          </p>
        )}
      </header>
      <Plate label="Batches" className="overflow-x-auto">
        {entries.length === 0 ? (
          <p className="px-5 py-10 text-center text-soft">
            Nothing here yet. Start a batch from Recipes; it appears here as soon as it is saved.
          </p>
        ) : (
          <table className="w-full border-collapse">
            <thead>
              <tr className="text-left text-[14px] text-soft [&>th]:px-4 [&>th]:py-2 [&>th]:font-normal">
                <th>Batch</th>
                <th>Pieces</th>
                <th>Lost in the heat</th>
                <th>Water left</th>
                <th>Texture</th>
                <th />
              </tr>
            </thead>
            <tbody>
              {entries.map(({ id, name, baked_on, changed_at, forecast, comparison }) => (
                <tr key={id} className="border-t border-hair align-top [&>td]:px-4 [&>td]:py-2.5">
                  <td>
                    <Link href={`/batch/${id}`} className="font-display text-[17px] font-semibold hover:underline">
                      {name}
                    </Link>
                    <p className="text-[14px] text-soft">
                      {baked_on ? `baked ${day(baked_on)}` : `planned · changed ${day(changed_at)}`}
                    </p>
                  </td>
                  <td>
                    {comparison?.pieces ? (
                      <MeasuredBeside of={comparison.pieces} unit="" digits={0} />
                    ) : (
                      <Only value={String(forecast.pieces)} />
                    )}
                  </td>
                  <td>
                    {comparison?.loss_pct ? (
                      <MeasuredBeside of={comparison.loss_pct} unit=" %" digits={1} />
                    ) : (
                      <Only value={`${forecast.mass_loss_pct.toFixed(1)} %`} />
                    )}
                  </td>
                  <td>
                    {comparison?.moisture_pct ? (
                      <MeasuredBeside of={comparison.moisture_pct} unit=" %" digits={1} />
                    ) : (
                      <Only value={`${forecast.moisture_pct.toFixed(1)} %`} />
                    )}
                  </td>
                  <td>
                    {comparison?.texture ? (
                      <>
                        <strong>{comparison.texture.measured}</strong>
                        <span className="block text-[14px] text-soft">
                          {comparison.texture.same ? 'as predicted' : `predicted: ${comparison.texture.predicted}`}
                        </span>
                      </>
                    ) : (
                      <Only value={forecast.texture} />
                    )}
                  </td>
                  <td className="text-right">
                    <Link
                      href={`/log/${id}`}
                      className="rounded-full border-[1.4px] border-hair bg-enamel px-3 py-0.5 text-[14px] font-semibold whitespace-nowrap hover:border-rim"
                    >
                      {comparison ? 'Open' : 'Enter weights'}
                    </Link>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </Plate>
      <p className="pt-3 text-[14px] text-soft">
        Bold is measured, the line under it was predicted before. Water left follows from the two tray weights: the dry part of
        the dough cannot leave.
      </p>
    </main>
  );
}

const Only = ({ value }: { readonly value: string }): ReactNode => (
  <span className="text-soft">
    {value} <span className="block text-[14px]">predicted</span>
  </span>
);

/** Points by which the kitchen differs from the forecasts before it is worth a word [% of raw mass]. */
const WORTH_A_WORD = 0.3;

/** Whether this kitchen dries more or less than predicted, batch after batch. */
function shiftWords(weighed: readonly LogRow[]): string {
  const shifts = weighed.flatMap(({ comparison }) =>
    comparison?.loss_pct ? [comparison.loss_pct.measured - comparison.loss_pct.likely] : [],
  );
  const mean = shifts.reduce((sum, shift) => sum + shift, 0) / shifts.length;
  if (Math.abs(mean) < WORTH_A_WORD) return '';
  return `; on average they lost ${Math.abs(mean).toFixed(1)} points ${mean < 0 ? 'less' : 'more'} water than the likely value`;
}
