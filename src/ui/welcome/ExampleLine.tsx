import type { ReactNode } from 'react';
import type { BatchDocument } from '@/core/document';
import type { Nominal } from '@/workers/prediction-protocol';
import { BENCHES } from '../batch/bench-props';
import { ribbonOf, ribbonPath } from '../batch/ribbon';
import { firstToEnd } from '../batch/shown-keeps';
import { stationsOf } from '../batch/stations';
import { Steam } from '../batch/Steam';
import { Wetness } from '../batch/Wetness';
import { mass } from '../format/units';

const WIDTH = 1030;
const HEIGHT = 64;
const TALLEST = 52;

type ExampleLineProps = { readonly document: BatchDocument; readonly nominal: Nominal };

/** What this is, shown: one batch from bowl to jar, with the water that runs through it. Drawn on the server; nothing of it moves. */
export function ExampleLine({ document, nominal }: ExampleLineProps): ReactNode {
  const { prediction, drawing } = nominal;
  const first = firstToEnd(prediction.keeps);
  const stations = stationsOf(document, prediction, prediction, { keeps: prediction.keeps, drawn: false });
  const points = ribbonOf({ ...nominal, pack: first, days: prediction.keeps[first].days }, WIDTH, TALLEST);
  const { start_g, end_g } = drawing.water;
  const says = `${mass(start_g, 0)} of water in the bowl, ${mass(start_g - end_g, 0)} leave in the heat, ${mass(end_g, 0)} stay in the jar`;
  return (
    <figure className="rounded-[18px] border-[1.6px] border-rim bg-face px-4 pt-3 pb-3">
      <figcaption className="pb-2 text-[15px]">
        <strong>{document.name ?? document.recipe.name}</strong>
        <span className="text-soft">: an example, worked out just now. {says}.</span>
      </figcaption>
      <ol className="grid grid-cols-7 gap-y-2 max-md:grid-cols-4 max-sm:grid-cols-2">
        {BENCHES.map((key, i) => (
          <li key={key} className="px-2 leading-tight">
            <span className="block text-[13.5px] text-soft">
              {i + 1} {stations[key].name}
            </span>
            <strong className="block font-display text-[17px] font-semibold">{stations[key].figure}</strong>
            <span className="block text-[13px] text-soft">{stations[key].small}</span>
          </li>
        ))}
      </ol>
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="mt-2 block w-full" role="img" aria-label={says}>
        <Wetness id="wetness-shown" points={points} length={WIDTH} />
        <path d={ribbonPath(points, HEIGHT / 2 + 4)} fill="url(#wetness-shown)" />
        <Steam points={points} y={16} />
      </svg>
    </figure>
  );
}
