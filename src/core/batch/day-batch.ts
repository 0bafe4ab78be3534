import type { Attention, DayBatch, Machine, Mode, Step } from '../bakeday';
import type { Appliance, ApplianceKind, BatchDocument } from './document';
import { shelvesOf } from './heat/standing';
import { writtenLegs, type WrittenLeg } from './heat/written-legs';
import { chamberOf, isChamber } from './heat/appliances';
import { preheat } from '../heat';
import { EVENT_MINUTES, LOAD, UNLOAD, mixMinutes, packMinutes } from './oven/hand-work';
import type { Prediction } from './prediction';
import { SECONDS_A_PIECE } from './worth';

/** An appliance of the kitchen, as the day knows it. */
export type KitMachine = { readonly id: string; readonly appliance: Appliance };

const MACHINE_KINDS: Partial<Record<ApplianceKind, Machine['kind']>> = {
  'static-oven': 'oven',
  'fan-oven': 'oven',
  'small-oven': 'oven',
  'gas-oven': 'oven',
  'contact-grill': 'oven',
  'air-fryer': 'oven',
  dehydrator: 'dehy',
  'freeze-dryer': 'fd',
};
/** Setpoints this near share an oven, and a dehydrator [K]. Source: ours. */
const TOLERANCE = { oven: 5, dehy: 3, fd: 0 } as const;
/** How fast a machine cools when nobody has read it [K/min]; freeze dryers of unknown size [g a tray]. Source: ours. */
const COOLS = { oven: 4, dehy: 5, fd: 5 } as const;
const TRAY_G = 700;
const REFERENCE_C = 175;
/** What is left of the heat when a switched-off oven is opened [°C]. Source: ours. */
const LEFT_OFF_C = 50;

/** What a heating step sets its machine to: in whose words, and whether it is switched off at the end. */
export type StepHeat = { readonly kind: ApplianceKind; readonly setpoints_c: readonly number[]; readonly thenOff: boolean };

/** A batch as steps of a day, with the heat of those that bake or dry. */
export type KitchenBatch = DayBatch & { readonly heats: Readonly<Record<string, StepHeat>> };

/** The kitchen's appliances as machines of a day; freezers are places, not machines. */
export function machinesOf(kit: readonly KitMachine[], room_c: number): Machine[] {
  return kit.flatMap(({ id, appliance }) => {
    const kind = appliance.kind ?? 'static-oven';
    const sort = MACHINE_KINDS[kind];
    if (!sort) return [];
    return [
      {
        id,
        kind: sort,
        slots: sort === 'fd' ? Math.round((shelvesOf(appliance) * (appliance.tray_g ?? TRAY_G)) / 100) : shelvesOf(appliance),
        tol: TOLERANCE[sort],
        heat: heatRate(appliance, kind, room_c),
        cool: coolRate(appliance, sort),
        ambient: 20 as const,
        ...(sort === 'fd' ? { turn: appliance.defrost_minutes ?? 90 } : {}),
      },
    ];
  });
}

function heatRate({ heat_up, ...appliance }: Appliance, kind: ApplianceKind, room_c: number): number {
  if (heat_up) return (heat_up.to_c - room_c) / heat_up.minutes;
  if (!isChamber(kind)) return 5;
  const target_c = kind === 'dehydrator' ? 60 : REFERENCE_C;
  const { time_s } = preheat(chamberOf(kind, appliance, 1, room_c), target_c, room_c);
  return Number.isFinite(time_s) && time_s > 0 ? Math.max(0.5, ((target_c - room_c) * 60) / time_s) : 5;
}

const coolRate = ({ cool_down }: Appliance, sort: keyof typeof COOLS): number =>
  cool_down ? Math.max(0.5, (cool_down.from_c - cool_down.to_c) / cool_down.minutes) : COOLS[sort];

/** Something may be turned this much earlier or later, of the whole [1]; pieces may lie on the board so long [min]. */
const FLEX_SHARE = 0.08;
const ON_BOARD = 45;
const DOUGH_STANDS = 120;
/** What stands in a dead oven or a freeze dryer may wait for morning [min]. */
const MAY_WAIT = 660;
const FREEZER = 'freezer';

/**
 * A batch as steps of a day: mix, stand, shape, the programme in its machines, cool, pack. A programme with several
 * setpoints has its machine to itself, since the air is never where a second batch would want it.
 *
 * @param kit - which of the kitchen's machines are of the kind that the batch was predicted in
 */
export function dayBatch(
  id: string,
  document: BatchDocument,
  prediction: Prediction,
  kit: readonly KitMachine[],
  due: number,
): KitchenBatch {
  const { yield: out, heat, keeps } = prediction;
  const steps: Step[] = [
    hands('mix', 'Weigh and mix', mixMinutes(document.recipe.ingredients.length), { maxWait: DOUGH_STANDS }),
  ];
  if ((document.recipe.rest_minutes ?? 0) > 0)
    steps.push({
      id: 'rest',
      name: 'Let the dough stand',
      dur: Math.round(document.recipe.rest_minutes ?? 0),
      maxWait: DOUGH_STANDS,
    });
  const shaping = Math.max(3, Math.round((out.pieces * SECONDS_A_PIECE[document.shape.method]) / 60 + 1.5 * out.trays));
  steps.push({
    ...hands('shape', 'Shape', shaping, { maxWait: ON_BOARD }),
    hands: [{ off: 0, len: shaping, n: 1, interruptible: true, maxPause: 10 }],
  });
  const heated = heatSteps(document, prediction, kit);
  steps.push(...heated.map(({ step }) => step));
  steps.push({ id: 'cool', name: 'Cool on the rack', dur: Math.max(5, Math.round(heat.cooling_minutes)) });
  const packs = keeps.reduce((most, one) => Math.max(most, one.packs), 1);
  steps.push(hands('pack', 'Pack and label', packMinutes(packs)));
  const heats = Object.fromEntries(heated.flatMap(({ step, heat: of }) => (of ? [[step.id, of]] : [])));
  return { id, due, steps, heats };
}

const hands = (id: string, name: string, dur: number, more: Partial<Step> = {}): Step => ({
  id,
  name,
  dur,
  hands: [{ off: 0, len: dur, n: 1 }],
  ...more,
});

/** The programme, leg by leg and load by load. */
function heatSteps({ heat }: BatchDocument, prediction: Prediction, kit: readonly KitMachine[]): Heated[] {
  const legs = writtenLegs(heat);
  return legs.flatMap((leg, at) => {
    const loads = prediction.heat.legs[at]?.loads ?? 1;
    return Array.from({ length: loads }, (_, load) =>
      legStep(leg, `${at + 1}${loads > 1 ? `-${load + 1}` : ''}`, prediction, kit, loads),
    );
  });
}

type Heated = { readonly step: Step; readonly heat: StepHeat | null };

function legStep(
  { kind, steps: numbered }: WrittenLeg,
  number: string,
  prediction: Prediction,
  kit: readonly KitMachine[],
  loads: number,
): Heated {
  const steps = numbered.map(({ step }) => step);
  let clock = 0;
  const events: Attention[] = [];
  const setpoints: number[] = [];
  for (const step of steps) {
    if ('setpoint_c' in step) setpoints.push(step.setpoint_c);
    if ('minutes' in step) clock += step.minutes;
    else events.push({ off: Math.round(clock), len: EVENT_MINUTES[step.do] ?? 2, n: 1 });
  }
  const dur = Math.max(1, Math.round(clock));
  const last = steps[steps.length - 1];
  const waits = last.do === 'off' || last.do === 'freeze-dry' || last.do === 'freeze' || last.do === 'cool';
  const flex = Math.floor(FLEX_SHARE * dur);
  const attentions: Attention[] = [
    // Its pump is heard through the wall.
    { off: 0, len: LOAD, n: 1, ...(kind === 'freeze-dryer' ? { noisy: true } : {}) },
    ...events.map((event) => ({ ...event, flex })),
    waits ? { off: dur, len: UNLOAD, n: 1, extend: MAY_WAIT } : { off: 0, end: true, len: UNLOAD, n: 1 },
  ];
  const heat: StepHeat | null =
    kind === 'freezer' || kind === 'freeze-dryer'
      ? null
      : { kind, setpoints_c: [...new Set(setpoints)], thenOff: last.do === 'off' };
  const name = heat ? heatName(heat, (c) => `${c} °C`) : kind === 'freezer' ? 'Freeze' : 'Freeze-dry';
  const base = { id: `heat-${number}`, name, dur, hands: attentions };
  const sort = MACHINE_KINDS[kind];
  if (!sort)
    return { step: { ...base, store: { id: FREEZER, q: Math.max(1, Math.ceil(prediction.yield.trays / loads)) } }, heat };
  const [first, final] = [setpoints[0] ?? 40, last.do === 'off' ? LEFT_OFF_C : (setpoints.at(-1) ?? 40)];
  const trays = Math.max(1, Math.ceil(prediction.yield.trays / loads));
  const modes = kit.flatMap(({ id, appliance }): Mode[] => {
    if ((appliance.kind ?? 'static-oven') !== kind) return [];
    const raw_g = (prediction.yield.pieces * prediction.yield.piece_raw_g) / loads;
    const q = sort === 'fd' ? Math.ceil(raw_g / 100) : Math.min(trays, shelvesOf(appliance));
    return [{ res: id, T: first, Tout: final, q }];
  });
  const alone = new Set(setpoints).size > 1 || last.do === 'off';
  return { step: { ...base, modes, ...(alone && sort !== 'fd' ? { excl: true as const } : {}) }, heat };
}

/** "Bake at 175 °C, then 110 °C, oven off", in whatever words a dial is read. */
export function heatName({ kind, setpoints_c, thenOff }: StepHeat, word: (setpoint_c: number) => string): string {
  return `${kind === 'dehydrator' ? 'Dry' : 'Bake'} at ${setpoints_c.map(word).join(', then ')}${thenOff ? ', oven off' : ''}`;
}
