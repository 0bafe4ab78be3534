import { Assumptions } from '../fields';
import { succeed, type Result } from '../failure';
import { simulate, type Fineness, type Frame, type Profiles } from '../heat';
import { packLife, keptOf } from '../prediction';
import { clockMinute, finishOf, isCleanAt, planHeat, simulationOf, type Finish, type HeatPlan } from '../programme';
import { criticalShift, vary, type Draw } from '../bands';
import type { HeatStep } from '../catalogue';
import type { Ending } from './goal';
import type { Setting, ShownPiece } from './setting';

/**
 * How finely a practice bake is computed: the hidden truth and every world that is held against it alike, so that neither is off from
 * the other. Beside a draw of the bands the water is off by a point at most, the browning by 0.01. Source: ours.
 */
const FINE_ENOUGH: Fineness = { cells: 10, rise_K: 4, drying: 0.08, longest_s: 180 };

/** How one piece went through a programme in one world: what it was at every recorded minute, read when it is asked for. */
export type Ran = {
  readonly setting: Setting;
  readonly heat: HeatPlan;
  readonly minutes: readonly number[];
  readonly frames: readonly Frame[];
  readonly profiles: Profiles;
  readonly clean: readonly boolean[];
  readonly finishAt: (row: number) => Finish;
};

/** The programme of a setting written with other steps. */
export function planOf(setting: Setting, steps: readonly HeatStep[]): Result<HeatPlan> {
  const { document, planned } = setting;
  // What is put on in between is not practised; what goes in wet on top was so before.
  const puts = planned.body.puts.filter(({ step }) => step === null);
  const heated = { method: planned.shape.method, out: planned.out, puts };
  const finite = steps.length > 0 ? [...steps] : [{ do: 'hold' as const, setpoint_c: setting.start_c, minutes: 1 }];
  return planHeat({ ...document.heat, steps: finite }, document.kitchen, heated, new Assumptions());
}

/** One piece of a setting on its way through a plan. */
type Baking = { readonly setting: Setting; readonly heat: HeatPlan; readonly piece: ShownPiece };

/**
 * Runs a plan in a world.
 *
 * @param draw - the world; null: as the recipe has it
 * @param everyMin - minutes between two recorded moments
 */
export function runIn({ setting, heat, piece }: Baking, draw: Draw | null, everyMin: number): Result<Ran> {
  const { planned } = setting;
  const likely = simulationOf(heat, planned.dough, planned.out);
  const varied = draw === null ? likely : vary({ simulation: likely, shape: planned.shape, heat }, draw);
  const pace = heat.applianceStages[0]?.pace ?? 1;
  const run = simulate(piece.put({ ...varied, fineness: FINE_ENOUGH, recordEvery_s: everyMin * 60 * pace }));
  if (!run.ok) return run;
  const { frames, profiles, shares } = run.value;
  const dough = { ...planned.dough, material: varied.material, criticalShift: draw === null ? 0 : criticalShift(draw) };
  const isothermScale = varied.isothermScale ?? 1;
  return succeed({
    setting,
    heat,
    minutes: frames.map(({ time_s }) => clockMinute(heat, time_s)),
    frames,
    profiles,
    clean: isCleanAt(frames, heat.room.pressure_pa),
    finishAt: (row) => finishOf(frames[row], profiles.at(frames[row].row), shares, dough, planned.out, { isothermScale }),
  });
}

/** The row of the last moment that is not after a minute. */
export function rowAt({ minutes }: Pick<Ran, 'minutes'>, minute: number): number {
  const after = minutes.findIndex((at) => at > minute + 1e-6);
  return after < 0 ? minutes.length - 1 : Math.max(0, after - 1);
}

/** Days in the first pack if the pieces come out so; the luck of mould and fat is left out. */
export function daysOf({ planned }: Setting, finish: Finish): number {
  const [choice] = planned.packs;
  const perPack = planned.prediction.keeps[0]?.pieces_per_pack ?? 1;
  return packLife(choice, perPack, keptOf(planned, finish)).days;
}

/** How it would have ended, taken out at a row; `days` lets a caller look them up. */
export function endingAt(
  ran: Ran,
  row: number,
  days: (finish: Finish) => number = (finish) => daysOf(ran.setting, finish),
): Ending {
  const finish = ran.finishAt(row);
  const frame = ran.frames[row];
  let hottest_c = -Infinity;
  for (let i = 0; i <= row; i++) hottest_c = Math.max(hottest_c, ran.frames[i].core_c);
  return {
    days: days(finish),
    snap: finish.snap,
    browning: frame.browningEdge,
    minutes: ran.minutes[row],
    clean: ran.clean[row],
    hottest_c,
    kill_log10: frame.kill,
  };
}
