import { LIFE_SPREAD, type LifeMode } from '../keeping';
import type { PackChoice } from '../catalogue';
import { fillPacks, keptOf, packLife, type Keeps, type PredictionRun } from '../prediction';
import { normals, quantile, seededRandom } from '../quantities';
import type { Sample } from './sample';

/** Where among the drawn pieces lives are worked out; between them they are read off. */
const NODES = [0, 0.05, 0.15, 0.3, 0.5, 0.7, 0.85, 0.95, 1];
const SDS_IN_80_PCT = 1.2816;
/** Keeps the luck of a draw apart from what else is drawn for it. */
const LUCK_SEED = 0x51ed270b;
/** What ends fitness; the rest is texture and taste. */
const FIT: ReadonlySet<LifeMode> = new Set<LifeMode>(['mould', 'cap', 'rancidity', 'freezer-quality', 'finish']);
const MODES = Object.keys(LIFE_SPREAD) as LifeMode[];
/** Longer than anyone asks for [days]. */
const FOR_EVER = 1e5;

type Modes = Readonly<Partial<Record<LifeMode, number>>>;
/** The days of one pack over the draws: one of ten falls short of the low end, nine of the high one. */
export type LifeBand = Pick<
  Keeps,
  'days' | 'days_low' | 'days_high' | 'fit_days' | 'fit_days_low' | 'crisp_days' | 'share_fit_pct'
>;

/**
 * Lives of every pack over the draws: each by its own water, times its own luck with mould, fat and pack.
 *
 * @param wanted_days - days that the baker wants; the share of draws that keep them is told
 */
export function livesOver(worked: PredictionRun, samples: readonly Sample[], wanted_days: number | undefined): LifeBand[] {
  return worked.packs.map((choice) => bandOf(drawnModes(worked, samples, choice), wanted_days));
}

/** Days that each draw keeps in one pack, in their order. */
export const daysOver = (worked: PredictionRun, draws: readonly Drawn[], choice: PackChoice): number[] =>
  drawnModes(worked, draws, choice).map((modes) => daysOf(modes));

type Drawn = Pick<Sample, 'index' | 'moisture_pct'>;

/** The modes of every draw in one pack: worked out at a few waters, read off between them, each with its luck. */
function drawnModes(worked: PredictionRun, draws: readonly Drawn[], choice: PackChoice): Modes[] {
  const sorted = draws.map(({ moisture_pct }) => moisture_pct).sort((a, b) => a - b);
  const waters = [...new Set(NODES.map((share) => quantile(sorted, share)))];
  const nodes = waters.map((moisture_pct) => ({ moisture_pct, modes: modesAt(worked, moisture_pct, choice) }));
  return draws.map(({ index, moisture_pct }) => lucky(modesBetween(nodes, moisture_pct), index));
}

/** What a pack keeps if the pieces hold so much water. */
function modesAt(worked: PredictionRun, moisture_pct: number, choice: PackChoice): Modes {
  const likely = worked.finish;
  const wettestMoisture_pct = Math.max(moisture_pct, likely.wettestMoisture_pct + moisture_pct - likely.moisture_pct);
  const kept = keptOf(worked);
  const wet = {
    ...kept,
    finish: { ...likely, moisture_pct, wettestMoisture_pct },
    product: { ...kept.product, moisture_pct, coreMoisture_pct: wettestMoisture_pct },
  };
  return packLife(choice, perPackOf(worked, choice), wet).modes;
}

/** Pieces in one pack: as the batch fills it, or as it would. */
function perPackOf({ packs, prediction, out, treat }: PredictionRun, choice: PackChoice): number {
  const at = packs.indexOf(choice);
  if (at >= 0) return prediction.keeps[at].pieces_per_pack;
  return fillPacks([choice], { pieces: out.pieces, volume_ml: treat.volume_ml })[0].pieces_per_pack;
}

/** Days of every mode at a water between two nodes, evenly by the logarithm of the days; the nearer where one has no end. */
function modesBetween(nodes: ReadonlyArray<{ readonly moisture_pct: number; readonly modes: Modes }>, at: number): Modes {
  const next = nodes.findIndex(({ moisture_pct }) => moisture_pct >= at);
  if (next === 0) return nodes[0].modes;
  if (next < 0) return nodes[nodes.length - 1].modes;
  const [before, after] = [nodes[next - 1], nodes[next]];
  const share = (at - before.moisture_pct) / (after.moisture_pct - before.moisture_pct);
  const days = (mode: LifeMode): number | undefined => {
    const [a, b] = [before.modes[mode], after.modes[mode]];
    if (a === undefined || b === undefined || a > FOR_EVER || b > FOR_EVER) return share < 0.5 ? a : b;
    return Math.exp((1 - share) * Math.log(a + 1) + share * Math.log(b + 1)) - 1;
  };
  return Object.fromEntries(
    MODES.flatMap((mode) => {
      const value = days(mode);
      return value === undefined ? [] : [[mode, value]];
    }),
  );
}

/** The modes of one draw, each with its own luck. */
function lucky(modes: Modes, index: number): Modes {
  const normal = normals(seededRandom((LUCK_SEED + Math.imul(index + 1, 0x9e3779b1)) | 0));
  return Object.fromEntries(
    MODES.map((mode) => {
      const [low, high] = LIFE_SPREAD[mode];
      const luck = Math.exp((normal() * Math.log(high / low)) / (2 * SDS_IN_80_PCT));
      return [mode, (modes[mode] ?? Infinity) * luck];
    }),
  );
}

/** Whole days until the first of these modes ends it. */
function daysOf(modes: Modes, of: (mode: LifeMode) => boolean = () => true): number {
  return Math.floor(Math.min(FOR_EVER, ...MODES.filter(of).map((mode) => modes[mode] ?? Infinity)) + 1e-9);
}

function bandOf(drawn: readonly Modes[], wanted_days: number | undefined): LifeBand {
  const ascending = (of: (mode: LifeMode) => boolean): number[] => drawn.map((modes) => daysOf(modes, of)).sort((a, b) => a - b);
  const all = ascending(() => true);
  const fit = ascending((mode) => FIT.has(mode));
  const crisp = ascending((mode) => mode === 'softening');
  const at = (values: readonly number[], share: number): number => Math.floor(quantile(values, share));
  const crispDays = at(crisp, 0.5);
  return {
    days: at(all, 0.5),
    days_low: at(all, 0.1),
    days_high: at(all, 0.9),
    fit_days: at(fit, 0.5),
    fit_days_low: at(fit, 0.1),
    crisp_days: crispDays >= FOR_EVER - 1 ? null : crispDays,
    share_fit_pct: wanted_days === undefined ? null : (100 * all.filter((days) => days >= wanted_days).length) / all.length,
  };
}
