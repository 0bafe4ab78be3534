import { choice, count, flag, group, number, text, type ValueOf } from '../fields';
import { APPLIANCE_KINDS } from './appliances';

/** A tray, or a pan, seen from above. */
const TRAY_SIDE_MM = [3, 2000] as const;
export const TRAY = group(
  {
    width_mm: number('length', TRAY_SIDE_MM, { default: 400, step: 10 }),
    depth_mm: number('length', TRAY_SIDE_MM, { default: 300, step: 10 }),
  },
  { meaning: 'a tray that pieces lie on' },
);
export type Tray = ValueOf<typeof TRAY>;

/** An appliance, in a batch or in the kitchen's kit. */
export const APPLIANCE = group({
  id: text(60, {
    pattern: /^[a-z0-9-]{1,60}$/,
    usual: 'none',
    meaning: "which of the kitchen's own it is, so that it stays the same one when it is measured anew",
  }),
  kind: choice(APPLIANCE_KINDS, { default: 'static-oven' }),
  thermostat_offset_c: number('temperature-difference', [-60, 60], {
    default: 0,
    meaning: 'what the air really is above the dial: negative when the dial reads hot',
  }),
  pace: number('ratio', [0.2, 5], { default: 1, meaning: 'how much faster than the model it works, from weighed batches' }),
  load_g: number('mass', [0, 50_000], { above: true, usual: 'what fits', meaning: 'raw mass in it at once' }),
  shelves: count([1, 40], { usual: 'as its kind has', meaning: 'trays that stand in it at once' }),
  tray: TRAY,
  heater_w: number('power', [50, 20_000], { step: 100, usual: "its kind's", meaning: 'its heater' }),
  vent_pct: number('share', [0, 300], { default: 100, step: 10, meaning: 'how far its vent is open; 100 as it was built' }),
  lid: flag({ default: false, meaning: 'a lid is on, where it takes one' }),
  heat_up: group(
    {
      to_c: number('temperature', [40, 300], { required: true }),
      minutes: number('duration', [0.5, 240], { required: true }),
    },
    { usual: "its kind's", meaning: 'empty, from the kitchen: so long until it was so hot' },
  ),
  cool_down: group(
    {
      from_c: number('temperature', [40, 300], { required: true }),
      minutes: number('duration', [1, 600], { required: true }),
      to_c: number('temperature', [10, 300], { required: true }),
      later: group(
        {
          minutes: number('duration', [1, 600], { required: true }),
          to_c: number('temperature', [10, 300], { required: true }),
        },
        { meaning: 'read once more, later: at 90 or 120 min it tells how slowly the walls cool' },
      ),
    },
    { usual: "its kind's", meaning: 'empty, switched off and shut: so warm after so long', atMost: { to_c: 'from_c' } },
  ),
  tray_g: number('mass', [0, 20_000], {
    above: true,
    default: 700,
    step: 50,
    meaning: 'of a freeze dryer: raw mass that one tray takes',
  }),
  defrost_minutes: number('duration', [0, 1440], {
    default: 90,
    step: 10,
    meaning: 'of a freeze dryer: how long it thaws between two rounds',
  }),
});
export type Appliance = ValueOf<typeof APPLIANCE>;
