import type { ReactNode } from 'react';
import type { BatchDocument } from '@/core/document';
import type { Prediction } from '@/core/prediction';
import { Button } from '../../kit/Button';
import { duration, mass, moisture, span } from '../../format/units';
import type { Ghost } from './ghost';

/** Another programme or dough beside the one at hand. */
export type Compared = Ghost & { readonly prediction: Prediction; readonly document: BatchDocument };

type CompareStripProps = { readonly now: Prediction; readonly compared: Compared; readonly onClose: () => void };

const ROWS: ReadonlyArray<readonly [name: string, of: (prediction: Prediction) => string]> = [
  ['time', ({ heat }) => duration(heat.minutes)],
  ['water', ({ outcome }) => moisture(outcome.moisture_pct)],
  ['middle', ({ outcome }) => moisture(outcome.centre_moisture_pct)],
  ['Snap', ({ outcome }) => outcome.snap.toFixed(1)],
  ['keeps', ({ keeps }) => span(keeps[0].days)],
  ['colour', ({ heat }) => heat.colour],
  ['energy', ({ heat }) => `${heat.energy_kwh.toFixed(1)} kWh`],
  ['a piece', (prediction) => mass(prediction.yield.piece_final_g, 1)],
];

/** The two side by side in numbers; in the chart the other one is drawn with dashes. */
export function CompareStrip({ now, compared, onClose }: CompareStripProps): ReactNode {
  return (
    <div className="flex items-start gap-2 overflow-x-auto rounded-2xl border border-hair bg-enamel px-3 py-1.5" data-compare>
      <table className="text-[13.5px]">
        <thead>
          <tr className="text-left text-soft">
            <th className="pr-3 font-normal">side by side</th>
            {ROWS.map(([name]) => (
              <th key={name} className="pr-4 font-normal">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <tr>
            <th className="pr-3 text-left font-semibold">as it is now</th>
            {ROWS.map(([name, of]) => (
              <td key={name} className="pr-4 font-semibold whitespace-nowrap">
                {of(now)}
              </td>
            ))}
          </tr>
          <tr>
            <th className="pr-3 text-left font-semibold">- - {compared.name}</th>
            {ROWS.map(([name, of]) => (
              <td key={name} className="pr-4 whitespace-nowrap">
                {of(compared.prediction)}
              </td>
            ))}
          </tr>
        </tbody>
      </table>
      <span className="flex-1" />
      <Button look="quiet" onClick={onClose}>
        Stop comparing
      </Button>
    </div>
  );
}
