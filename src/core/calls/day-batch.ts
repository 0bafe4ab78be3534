import type { Attention, DayBatch, Machine, Mode, Step } from '../bakeday';
import { APPLIANCE, applianceRecord, type Appliance, type ApplianceKind, chamberOf, isChamber } from '../catalogue';
import type { BatchDocument } from '../document';
import { shelvesOf, type WrittenStage } from '../programme';
import { preheat } from '../heat';
import { courseOf, prefixOf, type Part } from './course-of-work';
import { EVENT_MINUTES, mixMinutes, packMinutes } from './hand-work';
import { visitsToLoad, type Act } from './visits';
import { packsOf, type Turn } from './turns';
import type { Prediction } from '../prediction';

/** An appliance of the kitchen, as the day knows it. */
export type KitMachine = { readonly id: string; readonly appliance: Appliance };

const TRAY_G = APPLIANCE.fields.tray_g.default;
/** What is left of the heat when a switched-off oven is opened [°C]. Source: ours. */
const LEFT_OFF_C = 50;

/** What a heating step sets its machine to: in whose words, and whether it is switched off at the end. */
export type StepHeat = {
  readonly kind: ApplianceKind;
  readonly setpoints_c: readonly number[];
  readonly thenOff: boolean;
  /** Whose programme it is, where portions of a bowl have their own. */
  readonly portion?: string;
};

/** A batch as steps of a day, with the heat of those that bake or dry, and what hands come for while it is in an appliance. */
export type KitchenBatch = DayBatch & {
  readonly heats: Readonly<Record<string, StepHeat>>;
  /** By step, in the order of its attentions. */
  readonly visits: Readonly<Record<string, readonly Act[]>>;
};

/** The kitchen's appliances as machines of a day; freezers are places, not machines. */
export function machinesOf(kit: readonly KitMachine[], room_c: number): Machine[] {
  return kit.flatMap(({ id, appliance }) => {
    const kind = appliance.kind ?? 'static-oven';
    const { machine } = applianceRecord(kind);
    if (!machine) return [];
    const { kind: sort } = machine;
    return [
      {
        id,
        kind: sort,
        slots: sort === 'fd' ? Math.round((shelvesOf(appliance) * (appliance.tray_g ?? TRAY_G)) / 100) : shelvesOf(appliance),
        tol: machine.tolerance_K,
        heat: heatRate(appliance, kind, room_c),
        cool: coolRate(appliance, machine.cools_K_per_min),
        ambient: 20 as const,
        ...(sort === 'fd' ? { turn: appliance.defrost_minutes ?? APPLIANCE.fields.defrost_minutes.default } : {}),
      },
    ];
  });
}

/** How fast a machine heats when nothing says [K/min]. Source: ours. */
const HEATS_K_PER_MIN = 5;

function heatRate({ heat_up, ...appliance }: Appliance, kind: ApplianceKind, room_c: number): number {
  if (heat_up) return (heat_up.to_c - room_c) / heat_up.minutes;
  const chamber = chamberOf(kind, appliance, 1, room_c);
  if (!chamber) return HEATS_K_PER_MIN;
  const target_c = applianceRecord(kind).usual_c;
  const { time_s } = preheat(chamber, target_c, room_c);
  return Number.isFinite(time_s) && time_s > 0 ? Math.max(0.5, ((target_c - room_c) * 60) / time_s) : HEATS_K_PER_MIN;
}

const coolRate = ({ cool_down }: Appliance, usual_K_per_min: number): number =>
  cool_down ? Math.max(0.5, (cool_down.from_c - cool_down.to_c) / cool_down.minutes) : usual_K_per_min;

/** Something may be turned this much earlier or later, of the whole [1]; pieces may lie on the board so long [min]. */
const FLEX_SHARE = 0.08;
const ON_BOARD = 45;
const DOUGH_STANDS = 120;
/** What stands in a dead oven or a freeze dryer may wait for morning [min]. */
const MAY_WAIT = 660;
/** What a kitchen has only so much of besides machines and hands: baking trays, and places for a tray in fridge and freezer. */
export const PLACES = ['trays', 'fridge', 'freezer'] as const;
export type Places = Readonly<Record<(typeof PLACES)[number], number>>;
const place = (id: keyof Places, q: number): Pick<Step, 'store'> => ({ store: { id, q: Math.max(1, q) } });
const onTrays = (kind: ApplianceKind): boolean => applianceRecord(kind).takesTrays && isChamber(kind);

/**
 * A batch as steps of a day: mix, stand, shape, the programme in its machines, cool, pack. A programme with several
 * setpoints has its machine to itself, since the air is never where a second batch would want it.
 *
 * @param kit - which of the kitchen's machines are of the kind that the batch was predicted in
 */
export function dayBatch(
  id: string,
  { document, turns }: { readonly document: BatchDocument; readonly turns: readonly Turn[] },
  kit: readonly KitMachine[],
  due: number,
): KitchenBatch {
  const steps: Step[] = [
    hands('mix', 'Weigh and mix', mixMinutes(document.recipe.ingredients.length), { maxWait: DOUGH_STANDS }),
  ];
  const { rest_minutes = 0 } = document.recipe;
  if (rest_minutes > 0)
    steps.push({ id: 'rest', name: 'Let the dough stand', dur: Math.round(rest_minutes), maxWait: DOUGH_STANDS });
  const courses = turns.map((turn, i) => ({ ...courseOf(turn, prefixOf(i)), turn }));
  const shaping = Math.max(3, Math.round(turns.reduce((sum, { shaping_min }) => sum + shaping_min, 0)));
  const trays = courses.map(({ parts: [into], turn }) =>
    into?.in === 'appliance' && onTrays(into.stage.kind) ? turn.prediction.yield.trays : 0,
  );
  const shaped = trays.reduce((sum, count) => sum + count, 0);
  steps.push({
    ...hands('shape', 'Shape', shaping, { maxWait: ON_BOARD }),
    hands: [{ off: 0, len: shaping, n: 1, interruptible: true, maxPause: 10 }],
    ...(shaped > 0 ? place('trays', shaped) : {}),
  });
  const inHeat = courses.flatMap(({ parts, turn }, i) => {
    // What is baked after these lies on its trays meanwhile.
    const waiting = trays.slice(i + 1).reduce((sum, count) => sum + count, 0);
    return parts.map((part) => named(heatedStep(part, turn.prediction, kit, waiting), turn));
  });
  const after = courses.flatMap(({ finishing, turn }) =>
    finishing.map((part) => named(heatedStep(part, turn.prediction, kit, 0), turn)),
  );
  const cool_min = Math.max(...courses.map((one) => one.cool_min));
  const heated = [...inHeat, ...after];
  steps.push(...inHeat.map(({ step }) => step), { id: 'cool', name: ON_THE_RACK, dur: cool_min });
  steps.push(...after.map(({ step }) => step), hands('pack', 'Pack and label', packMinutes(packsOf(turns))));
  const heats = Object.fromEntries(heated.flatMap(({ step, heat }) => (heat ? [[step.id, heat]] : [])));
  const visits = Object.fromEntries(heated.map(({ step, acts }) => [step.id, acts]));
  return { id, due, steps, heats, visits };
}

/** A step under the name of the portion that it is of. */
const named = (heated: Heated, { portion }: Turn): Heated =>
  portion === null
    ? heated
    : {
        ...heated,
        step: { ...heated.step, name: `${portion}: ${heated.step.name}` },
        heat: heated.heat && { ...heated.heat, portion },
      };

function heatedStep(part: Part, prediction: Prediction, kit: readonly KitMachine[], waiting: number): Heated {
  if (part.in === 'appliance') return loadStep(part, prediction, kit, waiting);
  return part.in === 'hands' ? coatStep(part) : standStep(part, prediction.yield.trays);
}

const hands = (id: string, name: string, dur: number, more: Partial<Step> = {}): Step => ({
  id,
  name,
  dur,
  hands: [{ off: 0, len: dur, n: 1 }],
  ...more,
});

type Heated = { readonly step: Step; readonly heat: StepHeat | null; readonly acts: readonly Act[] };

type Load = Extract<Part, { in: 'appliance' }>;
const ON_THE_RACK = 'Cool on the rack';

/** Something is put on all of it, at the table. */
function coatStep({ id, step }: Extract<Part, { in: 'hands' }>): Heated {
  const name = step.part === undefined ? 'Brush' : `Put on the ${step.part.toLowerCase()}`;
  return {
    step: hands(id, name, EVENT_MINUTES[step.do] ?? 5),
    heat: null,
    acts: [{ do: 'step', kind: 'static-oven', step }],
  };
}

/** All of it on the rack, or in the fridge. */
function standStep(part: Extract<Part, { in: 'rack' | 'fridge' }>, trays: number): Heated {
  const { id, minutes: dur, step } = part;
  const name = step.do === 'dry-coat' ? 'Let it set' : ON_THE_RACK;
  if (part.in === 'rack') return { step: { id, name, dur }, heat: null, acts: [] };
  return {
    step: {
      id,
      name: step.do === 'dry-coat' ? 'Let it set in the fridge' : 'Chill in the fridge',
      dur,
      hands: [{ off: 0, len: 1, n: 1 }],
      ...place('fridge', trays),
    },
    heat: null,
    acts: [{ do: 'step', kind: 'freezer', step }],
  };
}

/** One load in one appliance. */
function loadStep({ id, stage, load, loads }: Load, prediction: Prediction, kit: readonly KitMachine[], waiting: number): Heated {
  const { kind } = stage;
  const steps = stage.steps.map(({ step }) => step);
  const setpoints = steps.flatMap((step) => ('setpoint_c' in step ? [step.setpoint_c] : []));
  const visits = visitsToLoad(stage, load, loads);
  const acts = visits.map(({ act }) => act);
  const dur = Math.max(1, visits[visits.length - 1].minute);
  const last = steps[steps.length - 1];
  const waits = last.do === 'off' || last.do === 'freeze-dry' || last.do === 'freeze' || last.do === 'cool';
  const flex = Math.floor(FLEX_SHARE * dur);
  const drawsAt = pumpsFrom(stage, acts);
  let free = 0;
  const attentions = visits.map(({ minute, hands: len }, i): Attention => {
    // What is due together is done one after the other.
    const off = Math.max(minute, free);
    free = off + len;
    // Its pump is heard through the wall.
    const noise = i === drawsAt ? { noisy: true } : {};
    if (i === 0) return { off: 0, len, n: 1, ...noise };
    if (i < visits.length - 1) return { off, len, n: 1, flex, ...noise };
    return waits ? { off: dur, len, n: 1, extend: MAY_WAIT } : { off: 0, end: true, len, n: 1 };
  });
  const heat: StepHeat | null = !isChamber(kind)
    ? null
    : { kind, setpoints_c: [...new Set(setpoints)], thenOff: last.do === 'off' };
  const name = heat ? heatName(heat, (c) => `${c} °C`) : kind === 'freezer' ? 'Freeze' : 'Freeze-dry';
  const base = { id, name, dur, hands: attentions };
  const sort = applianceRecord(kind).machine?.kind;
  const trays = Math.max(1, Math.ceil(prediction.yield.trays / loads));
  if (!sort) return { step: { ...base, ...place('freezer', trays) }, heat, acts };
  const [first, final] = [setpoints[0] ?? 40, last.do === 'off' ? LEFT_OFF_C : (setpoints.at(-1) ?? 40)];
  const modes = kit.flatMap(({ id: res, appliance }): Mode[] => {
    if ((appliance.kind ?? 'static-oven') !== kind) return [];
    const raw_g = (prediction.yield.pieces * prediction.yield.piece_raw_g) / loads;
    const q = sort === 'fd' ? Math.ceil(raw_g / 100) : Math.min(trays, shelvesOf(appliance));
    return [{ res, T: first, Tout: final, q }];
  });
  const alone = new Set(setpoints).size > 1 || last.do === 'off';
  // What waits for its load lies on trays as well.
  const held = onTrays(kind)
    ? place('trays', prediction.yield.trays - load * trays + waiting)
    : waiting > 0
      ? place('trays', waiting)
      : {};
  return { step: { ...base, modes, ...(alone && sort !== 'fd' ? { excl: true as const } : {}), ...held }, heat, acts };
}

/** Which visit starts a freeze dryer's pump: the loading, or a later one when it freezes first; -1 in any other appliance. */
function pumpsFrom({ kind, steps }: WrittenStage, acts: readonly Act[]): number {
  if (kind !== 'freeze-dryer') return -1;
  const started = acts.findIndex((act) => act.do === 'step' && act.step.do === 'freeze-dry');
  return started === -1 && steps.some(({ step }) => step.do === 'freeze-dry') ? 0 : started;
}

/** "Bake at 175 °C, then 110 °C, oven off", in whatever words a dial is read. */
export function heatName({ kind, setpoints_c, thenOff, portion }: StepHeat, word: (setpoint_c: number) => string): string {
  return `${portion === undefined ? '' : `${portion}: `}${applianceRecord(kind).drier ? 'Dry' : 'Bake'} at ${setpoints_c.map(word).join(', then ')}${thenOff ? ', oven off' : ''}`;
}
