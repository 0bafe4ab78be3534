import { useId, type ReactNode } from 'react';
import type { ApplianceKind } from '@/core/catalogue';
import type { CutThrough, Prediction } from '@/core/prediction';
import { colourWord } from '@/core/heat';
import { dialHere, dialWords, heatWord } from '../../format/dial-words';
import { bareTemperature, duration, temperature, length, moisture } from '../../format/units';
import { tallest } from './paint-cut-through';
import { cssColour } from './water-colours';

type CrossSectionProps = {
  readonly picture: CutThrough;
  readonly timeline: Prediction['heat']['timeline'];
  readonly minute: number;
  /** What the dial asks for at this minute; null when nothing is asked for. */
  readonly asked: { readonly setpoint_c: number; readonly kind: ApplianceKind } | null;
};

const WIDTH = 196;
const HEIGHT = 146;
const LEFT = 4;
const RIGHT = 192;
const BOTTOM = 128;
const TOP = 14;

/** The piece cut through at the scrubbed minute: how wet and how hot it is from top to tray, and the same in numbers. */
export function CrossSection({ picture, timeline, minute, asked }: CrossSectionProps): ReactNode {
  const row = rowAt(picture, minute);
  const point = timeline[row];
  const cells = cellsOf(picture, row);
  const thickness = cells.reduce((sum, cell) => sum + picture.height_mm[cell], 0);
  const wettest = Math.max(...cells.map((cell) => picture.moisture_pct[cell]));
  const label = `Cut through at ${duration(point.minute)}: ${moisture(point.moisture_pct)} water, at most ${moisture(wettest)}; middle ${temperature(point.core_c)}`;
  const facts: ReadonlyArray<readonly [string, string]> = [
    ['water', moisture(point.moisture_pct)],
    ['wettest', moisture(wettest)],
    ['middle', temperature(point.core_c)],
    ['air', temperature(point.air_c)],
    ['colour', colourWord(point.browning)],
    ['Snap', point.snap.toFixed(1)],
  ];
  return (
    <figure className="flex w-[196px] flex-col" aria-live="off">
      <figcaption className="flex items-baseline justify-between text-[14px]">
        <strong className="font-display text-[17px]">{duration(point.minute)}</strong>
        <span className="text-[13px] text-soft">{length(thickness, 1)} thick</span>
      </figcaption>
      <CutPicture picture={picture} row={row} label={label} />
      <dl className="text-[13.5px] leading-[1.35]">
        {facts.map(([name, value]) => (
          <div key={name} className="flex items-baseline justify-between gap-1">
            <dt className="text-soft">{name}</dt>
            <dd className="text-right font-semibold">{value}</dd>
          </div>
        ))}
      </dl>
      {asked && (
        <p className="pt-0.5 text-[12.5px] leading-tight text-soft">
          {['dial ' + heatWord(asked.setpoint_c, dialHere(), asked.kind), dialWords(asked.setpoint_c, asked.kind)]
            .filter(Boolean)
            .join(' · ')}
        </p>
      )}
    </figure>
  );
}

/** The recorded row nearest to a minute. */
function rowAt({ minutes }: CutThrough, minute: number): number {
  let best = 0;
  for (let i = 1; i < minutes.length; i++) if (Math.abs(minutes[i] - minute) < Math.abs(minutes[best] - minute)) best = i;
  return best;
}

type CutPictureProps = { readonly picture: CutThrough; readonly row: number; readonly label: string };

function CutPicture({ picture, row, label }: CutPictureProps): ReactNode {
  const gradient = useId();
  const start = picture.moisture_pct[0] || 1;
  const { layers, cold, hot, xWater, xHeat } = layersOf(picture, row);
  const path = (x: (cell: number) => number): string =>
    layers
      .map((layer, i) => `${i === 0 ? 'M' : 'L'}${x(layer.cell).toFixed(1)} ${(layer.y + layer.height / 2).toFixed(1)}`)
      .join('');
  return (
    <svg width={WIDTH} height={HEIGHT} role="img" aria-label={label}>
      <defs>
        <linearGradient id={gradient} x1="0" x2="0" y1="0" y2="1">
          {layers.map((layer) => (
            <stop
              key={layer.cell}
              offset={(layer.y + layer.height / 2 - layers[0].y) / (BOTTOM - layers[0].y)}
              stopColor={cssColour(picture.moisture_pct[layer.cell] / start)}
            />
          ))}
        </linearGradient>
      </defs>
      <rect
        x={LEFT}
        y={layers[0].y}
        width={RIGHT - LEFT}
        height={BOTTOM - layers[0].y}
        rx={3}
        fill={`url(#${gradient})`}
        className="stroke-rim/50"
      />
      <path d={path((cell) => xWater(picture.moisture_pct[cell]))} className="fill-none stroke-face" strokeWidth={4.5} />
      <path d={path((cell) => xWater(picture.moisture_pct[cell]))} className="fill-none stroke-water" strokeWidth={2.2} />
      <path d={path((cell) => xHeat(picture.temperature_c[cell]))} className="fill-none stroke-face" strokeWidth={4.5} />
      <path d={path((cell) => xHeat(picture.temperature_c[cell]))} className="fill-none stroke-heat" strokeWidth={2.2} />
      <text x={LEFT} y={10} className="fill-water text-[11px]">
        0 – {Math.round(start)} % water
      </text>
      <text x={RIGHT} y={10} textAnchor="end" className="fill-heat text-[11px]">
        {bareTemperature(cold)} – {temperature(hot)}
      </text>
      <text x={LEFT} y={HEIGHT - 5} className="fill-soft text-[11px]">
        bottom
      </text>
    </svg>
  );
}

const cellsOf = (picture: CutThrough, row: number): number[] =>
  Array.from({ length: picture.cells }, (_, i) => row * picture.cells + i);

type Layers = {
  readonly layers: ReadonlyArray<{ readonly cell: number; readonly y: number; readonly height: number }>;
  readonly cold: number;
  readonly hot: number;
  readonly xWater: (pct: number) => number;
  readonly xHeat: (celsius: number) => number;
};

/** Where the layers of a minute lie, and how far right their water and heat stand [px]. */
function layersOf(picture: CutThrough, row: number): Layers {
  const cells = cellsOf(picture, row);
  const perMm = (BOTTOM - TOP) / (tallest(picture) || 1);
  const start = picture.moisture_pct[0] || 1;
  const temperatures = cells.map((cell) => picture.temperature_c[cell]);
  const [cold, hot] = [Math.min(0, ...temperatures), Math.max(120, ...temperatures)];
  let y = BOTTOM - cells.reduce((sum, cell) => sum + picture.height_mm[cell], 0) * perMm;
  const layers = cells.map((cell) => {
    const height = picture.height_mm[cell] * perMm;
    const layer = { cell, y, height };
    y += height;
    return layer;
  });
  return {
    layers,
    cold,
    hot,
    xWater: (pct) => LEFT + (pct / start) * (RIGHT - LEFT),
    xHeat: (c) => LEFT + ((c - cold) / (hot - cold)) * (RIGHT - LEFT),
  };
}
