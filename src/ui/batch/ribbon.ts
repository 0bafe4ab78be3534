import type { Drawing, Prediction } from '@/core/prediction';

/** The ribbon of water: half-heights are to scale with the grams of water, left to right from bowl to jar [px]. */
export type RibbonPoint = { readonly x: number; readonly half: number; readonly wet: number };

/** A run, the pack that is looked at, and the days for which its treats are kept there. */
type Flowing = { readonly prediction: Prediction; readonly drawing: Drawing; readonly pack: number; readonly days: number };

const STATIONS = 7;
const HEAT = 3;
const COOL = 4;
const KEEP = 6;
/** Never thinner than a line that can be seen [px]. */
const THINNEST = 1;

/**
 * Where the water is along the line: all of it up to the oven, leaving along the programme, little in the jar,
 * and back in again as the jar breathes.
 */
export function ribbonOf({ prediction, drawing, pack, days }: Flowing, width: number, tallest: number): RibbonPoint[] {
  const { start_g, solids_g } = drawing.water;
  const station = width / STATIONS;
  const raw_pct = prediction.dough.water_pct;
  const point = (x: number, moisture_pct: number): RibbonPoint => {
    const water_g = (solids_g * moisture_pct) / (100 - moisture_pct);
    return { x, half: Math.max(THINNEST, (water_g / start_g) * (tallest / 2)), wet: moisture_pct / raw_pct };
  };
  const { timeline, minutes } = prediction.heat;
  const stride = Math.max(1, Math.floor(timeline.length / 40));
  const along = timeline
    .filter((_, i) => i % stride === 0 || i === timeline.length - 1)
    .map(({ minute, moisture_pct }) => point(station * (HEAT + 0.1 + (minute / minutes) * 0.85), moisture_pct));
  const end = prediction.outcome.moisture_pct;
  const curve = drawing.lifeCurves.at(pack) ?? drawing.lifeCurves.at(0);
  const kept = (curve?.points ?? [])
    .filter(({ day }) => days > 0 && day <= days)
    .map(({ day, moisture_pct }) => point(station * (KEEP + day / days), moisture_pct));
  return [
    point(0, raw_pct),
    point(station * (HEAT + 0.1), raw_pct),
    ...along,
    point(station * COOL, end),
    point(station * KEEP, end),
    ...kept,
    point(width, kept.at(-1) ? ((curve?.points ?? []).filter(({ day }) => day <= days).at(-1)?.moisture_pct ?? end) : end),
  ];
}

/** The closed outline as an SVG path around a middle line. */
export function ribbonPath(points: readonly RibbonPoint[], middle: number): string {
  const upper = points.map(({ x, half }) => `${x.toFixed(1)} ${(middle - half).toFixed(2)}`);
  const lower = [...points].reverse().map(({ x, half }) => `${x.toFixed(1)} ${(middle + half).toFixed(2)}`);
  return `M${[...upper, ...lower].join('L')}Z`;
}

/** Shares of the leaving water at which steam is drawn. */
const STEAM_AT = [0.2, 0.45, 0.7];

/** Where steam rises: spread by how much water leaves, not evenly along the line [px]. */
export function steamAt(points: readonly RibbonPoint[]): number[] {
  const [first, last] = [points[0].half, Math.min(...points.map(({ half }) => half))];
  return STEAM_AT.map((share) => points.find(({ half }) => first - half >= share * (first - last))?.x ?? 0).map(
    (x, i) => Math.round(x) + 9 * i,
  );
}
