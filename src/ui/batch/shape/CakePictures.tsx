import { counted } from '@/core/quantities';
import type { ReactNode } from 'react';
import type { CakeDrawing } from '@/core/yield';
import type { Prediction } from '@/core/prediction';
import { bareLength, duration, length, mass } from '../../format/units';
import { holeOf, pathOf } from './PiecesOnSheet';
import { SPACE_PX } from './picture-sizes';

const WIDE_PX = 190;
const TALL_PX = 130;
/** A border biscuit seen from above [mm]. */
const BISCUIT_MM = 6;

type CakePicturesProps = { readonly drawn: CakeDrawing; readonly prediction: Prediction };

/** The pan from above, the batter in it, the finished cake cut open, and what it needs of frosting, biscuits and cold. */
export function CakePictures({ drawn, prediction }: CakePicturesProps): ReactNode {
  return (
    <div className="flex flex-wrap items-start" style={{ gap: SPACE_PX }}>
      <FromAbove drawn={drawn} />
      <InThePan drawn={drawn} />
      <CutOpen drawn={drawn} />
      <FrostingTable drawn={drawn} prediction={prediction} />
    </div>
  );
}

function FromAbove({ drawn }: { readonly drawn: CakeDrawing }): ReactNode {
  const { outline, hole_mm, border, pans } = drawn;
  const [w, h] = [0, 1].map((axis) => 2 * Math.max(...outline.map((p) => Math.abs(p[axis]))));
  const scale = Math.min(WIDE_PX / w, TALL_PX / h);
  return (
    <figure className="w-44">
      <figcaption className="pb-1 text-[13.5px]">
        <strong className="text-dough">{pans === 1 ? 'The pan' : `${pans} pans`}</strong> from above
      </figcaption>
      <svg
        width={w * scale + 4}
        height={h * scale + 4}
        viewBox={`${-w / 2 - 2 / scale} ${-h / 2 - 2 / scale} ${w + 4 / scale} ${h + 4 / scale}`}
        className="overflow-visible"
        role="img"
        aria-label={`Pan of ${length(drawn.width_mm)}`}
      >
        <path
          d={pathOf(outline) + holeOf(hole_mm)}
          fillRule="evenodd"
          className="fill-dough-pale stroke-rim"
          strokeWidth={1.6 / scale}
        />
        {border && (
          <path
            d={pathOf(outline)}
            fill="none"
            className="stroke-[color-mix(in_srgb,var(--crunch-fill)_75%,var(--dough))]"
            strokeWidth={BISCUIT_MM}
            strokeDasharray={`${border.biscuit_mm} ${border.gap_mm}`}
          />
        )}
      </svg>
      {border && (
        <p className="pt-1 text-[13px] text-soft">
          <strong className="text-ink">{border.biscuits} biscuits</strong> round the side, {length(border.gap_mm, 1)} apart
        </p>
      )}
    </figure>
  );
}

function InThePan({ drawn: { depth_mm, batter_mm, risen_mm, width_mm } }: { readonly drawn: CakeDrawing }): ReactNode {
  const tallest = Math.max(depth_mm, risen_mm);
  const scale = Math.min(110 / width_mm, TALL_PX / tallest);
  const [w, h] = [width_mm * scale, tallest * scale];
  const y = (mm: number): number => h - mm * scale + 2;
  return (
    <figure className="w-36">
      <figcaption className="pb-1 text-[13.5px]">
        <strong className="text-dough">Batter</strong> {length(batter_mm)} deep
      </figcaption>
      <svg width={w + 4} height={h + 4} role="img" aria-label={`Batter ${length(batter_mm)} deep, rises to ${length(risen_mm)}`}>
        <path
          d={`M3 ${y(batter_mm)}V${y(risen_mm) + 6}Q3 ${y(risen_mm)} ${w / 2 + 2} ${y(risen_mm)}T${w + 1} ${y(risen_mm) + 6}V${y(batter_mm)}`}
          fill="none"
          className="stroke-dough"
          strokeDasharray="4 3"
        />
        <rect x={3} y={y(batter_mm)} width={w - 2} height={batter_mm * scale} className="fill-dough-pale stroke-dough" />
        <path d={`M2 ${y(depth_mm)}V${h + 2}H${w + 2}V${y(depth_mm)}`} fill="none" className="stroke-rim" strokeWidth={2} />
      </svg>
      <p className="pt-1 text-[13px] text-soft">
        rises to about {bareLength(risen_mm)} of {length(depth_mm)}
      </p>
    </figure>
  );
}

function CutOpen({ drawn }: { readonly drawn: CakeDrawing }): ReactNode {
  const { layers, layer_mm, coats_mm, width_mm, trim_mm, frosting } = drawn;
  const coat = coats_mm.crumb + coats_mm.coat;
  const wide = width_mm - 2 * trim_mm + 2 * coat;
  const scale = Math.min(120 / wide, TALL_PX / frosting.height_mm);
  const step = layer_mm + coats_mm.between;
  return (
    <figure className="w-36">
      <figcaption className="pb-1 text-[13.5px]">
        <strong className="text-dough">Finished</strong> {length(frosting.height_mm)} high
      </figcaption>
      <svg
        width={wide * scale + 2}
        height={frosting.height_mm * scale + 2}
        viewBox={`-1 -1 ${wide * scale + 2} ${frosting.height_mm * scale + 2}`}
        role="img"
        aria-label={`${counted(layers, 'layer')} of ${length(layer_mm)}`}
      >
        <rect width={wide * scale} height={frosting.height_mm * scale} rx={3} className="fill-enamel stroke-rim" />
        {Array.from({ length: layers }, (_, i) => (
          <rect
            key={i}
            x={coat * scale}
            y={(coat + i * step) * scale}
            width={(wide - 2 * coat) * scale}
            height={layer_mm * scale}
            className="fill-dough-pale stroke-dough"
          />
        ))}
      </svg>
      <p className="pt-1 text-[13px] text-soft">
        {layers} × {length(layer_mm)}
      </p>
    </figure>
  );
}

function FrostingTable({ drawn: { frosting }, prediction }: CakePicturesProps): ReactNode {
  const [afterCrumb, afterCoat, beforeCutting] = frosting.chill_minutes;
  const rows: ReadonlyArray<readonly [string, string]> = [
    ['between the layers', mass(frosting.between_g)],
    ['crumb coat', `${mass(frosting.crumb_g)}${afterCrumb > 0 ? `, then ${duration(afterCrumb)} in the fridge` : ''}`],
    ['second coat', `${mass(frosting.coat_g)}${afterCoat > 0 ? `, then ${duration(afterCoat)} in the fridge` : ''}`],
    ...(frosting.piping_g > 0 ? [['piping', mass(frosting.piping_g)] as const] : []),
    ['in all, with losses', `${mass(frosting.total_g)}: ${counted(frosting.packs, 'tub')}`],
    ...(beforeCutting > 0 ? [['before cutting', `${duration(beforeCutting)} in the fridge`] as const] : []),
    ...(prediction.yield.scrap_g > 0.5 ? [['trimmed and levelled off', mass(prediction.yield.scrap_g)] as const] : []),
  ];
  return (
    <dl className="grid grid-cols-[auto_auto] gap-x-3 text-[13.5px] leading-relaxed">
      <dt className="col-span-2 font-semibold text-dough">Frosting</dt>
      {rows.map(([name, value]) => (
        <div key={name} className="contents">
          <dt className="text-soft">{name}</dt>
          <dd>{value}</dd>
        </div>
      ))}
    </dl>
  );
}
