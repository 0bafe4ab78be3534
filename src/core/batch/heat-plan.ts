import { fail, succeed, type Result } from '../failure';
import {
  CHAMBERS,
  SUPPORTS,
  pressureAt,
  type Chamber,
  type ChamberKind,
  type PieceEvent,
  type Room,
  type Stage,
  type SupportName,
} from '../heat';
import type { Assumptions } from './defaults';
import type { Heat, HeatStep, KitchenAir } from './document';
import type { ShapeMethod } from './shapes';
import type { ShapeYield } from './shape/yield';

/** The kitchen and the programme, ready for the simulation. */
export type HeatPlan = {
  readonly room: Room;
  readonly room_rh: number;
  readonly kind: ChamberKind | 'freezer';
  /** Null in a freezer, which has its own closed form. */
  readonly chamber: Chamber | null;
  readonly freezer_c: number | null;
  readonly stages: readonly Stage[];
  /** Minutes of the programme as the baker reads the clock, per stage. */
  readonly stageMinutes: readonly number[];
  readonly minutes: number;
  readonly hottest_c: number;
  readonly offset_c: number;
  readonly offsetKnown: boolean;
  readonly pace: number;
  readonly load_g: number;
  /** How often the appliance must be filled to bake all pieces. */
  readonly loads: number;
  readonly preheated_c: number | null;
};

/** Trays that stand in each appliance at once. Source: ours, usual household kit. */
const SLOTS: Record<ChamberKind, number> = { 'static-oven': 2, 'fan-oven': 3, 'small-oven': 1, dehydrator: 5 };
/** Two trays in still air shade each other [1]. Source: ours. */
const CROWDED = 0.8;
const SNAPPED_EXPOSURE = 0.7;

/** Shelves of the appliance of a programme: trays that stand in it at once. */
export const shelvesOf = (heat: Heat): number => SLOTS[(heat.appliance?.kind ?? 'static-oven') as ChamberKind] ?? FREEZER_SHELVES;

/** What each way of shaping stands on when nothing else is said. */
const USUAL_BASE: Partial<Record<ShapeMethod, SupportName>> = { mat: 'mat-on-tray', cup: 'deep-pan', cake: 'deep-pan' };

const NOT_BUILT = new Set(['freeze-dryer', 'contact-grill', 'air-fryer']);
/** Air of a household freezer [°C]. */
const FREEZER_C = -18;
/** Trays or moulds that stand in a freezer at once. Source: ours. */
const FREEZER_SHELVES = 4;

/** Turns a programme into stages; needs the yield for the load and the size of brushed or snapped pieces. */
export function planHeat(
  heat: Heat,
  kitchen: KitchenAir | undefined,
  shaped: { readonly method: ShapeMethod; readonly out: ShapeYield },
  assumed: Assumptions,
): Result<HeatPlan> {
  const { method, out } = shaped;
  const kind = assumed.or(heat.appliance?.kind, 'heat.appliance.kind', 'static-oven');
  if (NOT_BUILT.has(kind))
    return fail(
      'NOT_BUILT_YET',
      `"${kind}" cannot be simulated yet. Built so far: ${Object.keys(CHAMBERS).join(', ')}, freezer.`,
      'heat.appliance.kind',
    );
  const wrong = mixedCold(heat.steps, kind === 'freezer');
  if (wrong) return wrong;
  const chamberKind = kind as ChamberKind | 'freezer';
  const offset_c = assumed.or(heat.appliance?.thermostat_offset_c, 'heat.appliance.thermostat_offset_c', 0);
  const pace = assumed.or(heat.appliance?.pace, 'heat.appliance.pace', 1);
  const { load_g, loads, traysIn } = loadOf(heat, chamberKind, out, assumed);
  const base = assumed.or(
    heat.base,
    'heat.base',
    USUAL_BASE[method] ?? (chamberKind === 'dehydrator' ? 'mesh' : 'paper-on-tray'),
  );
  const stages = stagesOf(heat.steps, base, offset_c, pace, out, assumed);
  const holds = heat.steps.flatMap((step) => (step.do === 'hold' ? [step.setpoint_c + offset_c] : []));
  const first = stages.find((stage) => stage.set !== 'room');
  const room_c = assumed.or(kitchen?.room_c, 'kitchen.room_c', 20);
  const room_rh = assumed.or(kitchen?.room_rh_pct, 'kitchen.room_rh_pct', 50) / 100;
  const stageMinutes = heat.steps.flatMap((step) => ('minutes' in step ? [step.minutes] : []));
  const chamber = chamberKind === 'freezer' ? null : crowded(CHAMBERS[chamberKind], traysIn);
  const freezing = heat.steps.find((step) => step.do === 'freeze');
  return succeed({
    room: {
      temperature_c: room_c,
      relativeHumidity: room_rh,
      pressure_pa: pressureAt(assumed.or(kitchen?.altitude_m, 'kitchen.altitude_m', 0)),
    },
    room_rh,
    kind: chamberKind,
    chamber,
    freezer_c: freezing?.do === 'freeze' ? assumed.or(freezing.freezer_c, 'heat.steps.freezer_c', FREEZER_C) : null,
    stages,
    stageMinutes,
    minutes: stageMinutes.reduce((sum, minutes) => sum + minutes, 0),
    hottest_c: Math.max(0, ...holds),
    offset_c,
    offsetKnown: heat.appliance?.thermostat_offset_c !== undefined,
    pace,
    load_g,
    loads,
    preheated_c: first?.preheated && typeof first.set === 'number' ? first.set : null,
  });
}

/** Trays above each other in still air shade each other. */
function crowded(chamber: Chamber, traysIn: number): Chamber {
  const crowd = chamber.natural && traysIn > 1 ? CROWDED : 1;
  return {
    ...chamber,
    convectionTop_W_per_m2_K: chamber.convectionTop_W_per_m2_K * crowd,
    convectionBottom_W_per_m2_K: chamber.convectionBottom_W_per_m2_K * crowd,
  };
}

/** A freezer only freezes, and nothing else does: the first step that says otherwise. */
function mixedCold(steps: readonly HeatStep[], freezer: boolean): Result<never> | null {
  const wrong = steps.findIndex((step) => (step.do === 'freeze') !== freezer);
  if (wrong < 0) return null;
  return fail(
    'BAD_VALUE',
    freezer
      ? `A freezer only freezes. Take out "${steps[wrong].do}", or choose another appliance.`
      : 'Only a freezer freezes. Choose the freezer as the appliance, or another step.',
    `heat.steps[${wrong}].do`,
  );
}

function loadOf(
  heat: Heat,
  kind: ChamberKind | 'freezer',
  out: ShapeYield,
  assumed: Assumptions,
): { load_g: number; loads: number; traysIn: number } {
  const all_g = out.pieces * out.piece_g;
  const given_g = heat.appliance?.load_g;
  const perTray_g = Math.min(all_g, out.perTray * out.piece_g);
  if (given_g !== undefined)
    return {
      load_g: given_g,
      loads: Math.max(1, Math.ceil(all_g / given_g - 1e-6)),
      traysIn: Math.max(1, Math.ceil(given_g / perTray_g - 1e-6)),
    };
  // No more go in than stand in it, and no more than there are.
  const shelves = kind === 'freezer' ? FREEZER_SHELVES : SLOTS[kind];
  const most = Math.min(shelves * out.perShelf, out.traysOwned ?? Infinity);
  const traysIn = Math.min(out.trays, most);
  const load_g = Math.min(all_g, traysIn * perTray_g);
  assumed.note(`heat.appliance.load_g = ${Math.round(load_g)}`);
  return { load_g, loads: Math.ceil(out.trays / most), traysIn: Math.ceil(traysIn / out.perShelf) };
}

function stagesOf(
  steps: readonly HeatStep[],
  base: SupportName,
  offset_c: number,
  pace: number,
  out: ShapeYield,
  assumed: Assumptions,
): Stage[] {
  const stages: Stage[] = [];
  let events: PieceEvent[] = [];
  let firstHold = true;
  const add = (minutes: number, set: Stage['set'], door: Stage['door'], support: SupportName, preheated: boolean): void => {
    const speed = set === 'room' ? 1 : pace;
    stages.push({ duration_s: minutes * 60 * speed, set, door, support: supportOf(support, out), preheated, events });
    events = [];
  };
  for (const [index, step] of steps.entries()) {
    if (step.do === 'hold') {
      const preheated = firstHold
        ? assumed.or(step.preheated, `heat.steps[${index}].preheated`, true)
        : (step.preheated ?? false);
      firstHold = false;
      add(step.minutes, step.setpoint_c + offset_c, step.door ?? 'shut', base, preheated);
    } else if (step.do === 'off') add(step.minutes, 'off', step.door ?? 'shut', base, false);
    else if (step.do === 'freeze') add(step.minutes, 'off', 'shut', base, false);
    else if (step.do === 'cool') add(step.minutes, 'room', 'shut', 'wire-rack', false);
    else events.push(eventOf(step, index, out, assumed));
  }
  if (events.length > 0) add(0, 'room', 'shut', base, false);
  return stages;
}

/** The support under a piece; one that touches it only at a point breathes from below. */
function supportOf(name: SupportName, { body: { leastBreathing = 0 } }: ShapeYield): Stage['support'] {
  const support = SUPPORTS[name];
  return { ...support, breathing: Math.max(support.breathing, leastBreathing) };
}

function eventOf(
  step: Extract<HeatStep, { do: 'turn' | 'stir' | 'brush' | 'snap-apart' }>,
  index: number,
  out: ShapeYield,
  assumed: Assumptions,
): PieceEvent {
  if (step.do === 'brush') {
    const area_m2 = (out.pieces * out.area_mm2) / 1e6;
    return { do: 'brush', water_kg_per_m2: step.grams / 1000 / area_m2 };
  }
  if (step.do !== 'snap-apart') return { do: step.do };
  const width_mm = assumed.or(step.width_mm, `heat.steps[${index}].width_mm`, round(out.sides_mm[1]));
  const length_mm = assumed.or(step.length_mm, `heat.steps[${index}].length_mm`, round(out.sides_mm[0]));
  return { do: 'snap-apart', width_m: width_mm / 1000, length_m: length_mm / 1000, exposure: SNAPPED_EXPOSURE };
}

const round = (value: number): number => Math.round(value * 10) / 10;
