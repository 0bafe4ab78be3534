import type { Draw } from '../bands';
import type { HeatStep } from '../catalogue';
import { succeed, type Result } from '../failure';
import { planOf, rowAt, runIn, type Ran } from './ran';
import type { PieceName, Setting } from './setting';

/** What is seen through the glass at one minute. */
export type Glimpse = {
  readonly minute: number;
  /** Top and edge colour of every shown piece, as browning [0..1], and how high it stands against raw [1]. */
  readonly pieces: ReadonlyArray<{ readonly top: number; readonly edge: number; readonly height: number }>;
  /** Steam in the light of the oven [0..1]. */
  readonly steam: number;
};

/** What the glass will show from a minute on, if nothing is done. */
export type Window = { readonly pieces: readonly PieceName[]; readonly glimpses: readonly Glimpse[] };

/** An eye sees no finer than this [1]. */
const EYE_STEP = 0.01;
/** Water that leaves a piece in a minute when the glass is full of steam, as a share of its raw mass [%/min]. Source: ours. */
const FULL_STEAM_PCT = 1.2;

/** In which world, how often it is recorded, and whether only the pieces that are judged are of interest. */
type Look = { readonly draw: Draw | null; readonly everyMin: number; readonly only?: 'judged' };

/** Runs every shown piece of a setting through a programme in one world. */
export function runShown(setting: Setting, steps: readonly HeatStep[], { draw, everyMin, only }: Look): Result<Ran[]> {
  const heat = planOf(setting, steps);
  if (!heat.ok) return heat;
  const rans: Ran[] = [];
  for (const piece of setting.pieces) {
    if (only && !piece.judged) continue;
    const ran = runIn({ setting, heat: heat.value, piece }, draw, everyMin);
    if (!ran.ok) return ran;
    rans.push(ran.value);
  }
  return succeed(rans);
}

/** The glass from one minute to another. */
export function windowOf(rans: readonly Ran[], from_min: number, to_min: number, everyMin: number): Window {
  const [{ setting }] = rans;
  const glimpses: Glimpse[] = [];
  for (let minute = from_min; minute <= to_min + 1e-6; minute += everyMin) glimpses.push(glimpseAt(rans, minute));
  return { pieces: setting.pieces.map(({ name }) => name), glimpses };
}

function glimpseAt(rans: readonly Ran[], minute: number): Glimpse {
  return {
    minute,
    pieces: rans.map((ran) => {
      const frame = ran.frames[rowAt(ran, minute)];
      const { height } = ran.profiles.at(frame.row);
      const raw = ran.profiles.at(ran.frames[0].row).height;
      return { top: seen(frame.browningTop), edge: seen(frame.browningEdge), height: seen(sum(height) / sum(raw)) };
    }),
    steam: seen(Math.min(1, Math.max(...rans.map((ran) => leaving(ran, minute))) / FULL_STEAM_PCT)),
  };
}

/** Water that leaves in a minute, as a share of the raw mass [%/min]. */
function leaving(ran: Ran, minute: number): number {
  const { moisture0 } = ran.setting.planned.dough.material;
  const [before, after] = [rowAt(ran, minute), Math.min(ran.frames.length - 1, rowAt(ran, minute) + 1)];
  const span = ran.minutes[after] - ran.minutes[before];
  if (span <= 0) return 0;
  return (100 * (ran.frames[before].meanMoisture - ran.frames[after].meanMoisture)) / (1 + moisture0) / span;
}

const sum = (values: Float64Array): number => values.reduce((all, value) => all + value, 0);
const seen = (value: number): number => Math.round(value / EYE_STEP) * EYE_STEP;
