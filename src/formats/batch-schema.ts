import Joi from 'joi';
import {
  APPLIANCE_KINDS,
  PREFERENCES,
  METHODS,
  SCRAP_USES,
  SHAPE_METHODS,
  THICKNESS_BY,
  type ShapeMethod,
} from '@/core/document';
import { CLOSURES, PACKS } from '@/core/keeping';
import { LABEL_PARTS } from '@/core/labelling';
import { CUP_FILLS, UNITS } from '@/core/quantities';
import { LAYOUT_LEVELS, OUTLINE_NAMES, PAN_SHAPES } from '@/core/shaping';
import { SUPPORTS } from '@/core/heat';

/**
 * The batch file as Joi checks it. Limits are those of a kitchen, wide enough never to be in the way,
 * narrow enough to catch a slip of the decimal point. docs/batch.schema.json says the same; a test holds them together.
 */

const text = Joi.string().trim().max(200);
const positive = Joi.number().greater(0);
const per100 = Joi.number().min(0).max(100);
const size_mm = Joi.number().min(3).max(2000);
const minutes = Joi.number().greater(0).max(2880);

/** A baker's own ingredient per 100 g, in a batch file and in the pantry's form. */
export const OWN_COMPOSITION = Joi.object({
  water: per100.required(),
  protein: per100.required(),
  fat: per100.required(),
  carbohydrate: per100.required(),
  sugars: per100,
  fibre: per100,
  starch: per100,
  ash: per100,
  sodium_mg: Joi.number().min(0).max(40000),
  density_g_per_ml: Joi.number().min(0.05).max(3),
  allergen: text,
});

/** So much of an ingredient, in any unit. */
const unit = Joi.string().valid(...UNITS);

const ingredient = Joi.object({
  ingredient: text.required(),
  amount: Joi.number().min(0).max(1e6).required(),
  unit: unit.required(),
  size: text,
  composition_per_100g: OWN_COMPOSITION,
  water_pct: Joi.number().min(0).max(99.5),
  actual_g: Joi.number().min(0).max(200000),
  note: text,
});

const step = Joi.object({
  text: Joi.string().trim().max(1000).required(),
  minutes: Joi.number().min(0).max(2880),
  tool: text,
});

const recipe = Joi.object({
  name: text.allow(''),
  summary: Joi.string().trim().max(1000),
  method: Joi.string().valid(...METHODS),
  ingredients: Joi.array().items(ingredient).min(1).max(60).required(),
  rest_minutes: Joi.number().min(0).max(1440),
  steps: Joi.array().items(step).max(60),
});

const fixedAmount = { ingredient: text.required(), amount: positive.max(1e6).required(), unit: unit.required() };
const scale = Joi.object({
  by: Joi.string().valid('factor', 'dough_mass', 'pieces', 'trays', 'loads', 'ingredient', 'fixed').required(),
})
  .when(Joi.object({ by: 'factor' }).unknown(), { then: Joi.object({ factor: positive.max(1000).required() }) })
  .when(Joi.object({ by: 'dough_mass' }).unknown(), { then: Joi.object({ dough_g: positive.max(200000).required() }) })
  .when(Joi.object({ by: 'pieces' }).unknown(), {
    then: Joi.object({ pieces: Joi.number().integer().min(1).max(20000).required() }),
  })
  .when(Joi.object({ by: 'trays' }).unknown(), { then: Joi.object({ trays: Joi.number().integer().min(1).max(200).required() }) })
  .when(Joi.object({ by: 'loads' }).unknown(), { then: Joi.object({ loads: Joi.number().integer().min(1).max(50).required() }) })
  .when(Joi.object({ by: 'ingredient' }).unknown(), { then: Joi.object(fixedAmount) })
  .when(Joi.object({ by: 'fixed' }).unknown(), {
    then: Joi.object({ fixed: Joi.array().items(Joi.object(fixedAmount)).min(1).max(20).required() }),
  });

const thickness_mm = Joi.number().min(0.5).max(80);
const box = (first: string, second: string): Joi.ObjectSchema => Joi.object({ [first]: size_mm, [second]: size_mm });

const tray = { tray: box('width_mm', 'depth_mm'), tray_gap_mm: Joi.number().min(0).max(100) };
const owned = Joi.number().integer().min(1).max(200);
const fill_fraction = Joi.number().min(0.1).max(1);
const cutter_mm = Joi.number().min(5).max(200);
const path_data = Joi.string().max(40_000);
/** Either a built-in outline or one's own. */
const cutter = Joi.object({
  outline: Joi.string().valid(...OUTLINE_NAMES),
  svg_path: path_data,
  length_mm: cutter_mm,
  width_mm: cutter_mm,
}).nand('outline', 'svg_path');
const method = (name: ShapeMethod): Joi.StringSchema => Joi.string().valid(name).required();
const hollows = {
  cavity_ml: Joi.number().min(0.2).max(1000),
  cavities: Joi.number().integer().min(1).max(2000),
  height_mm: Joi.number().min(3).max(80),
  fill_fraction,
  owned,
};
const coat_mm = Joi.number().min(0).max(30);

/** Shapes by method. */
export const SHAPE_SCHEMAS: Readonly<Record<ShapeMethod, Joi.ObjectSchema>> = {
  'roll-and-cut': Joi.object({
    method: method('roll-and-cut'),
    thickness_mm,
    thickness_by: Joi.string().valid(...THICKNESS_BY),
    cutter,
    mini: cutter,
    layout: Joi.string().valid(...LAYOUT_LEVELS),
    gap_mm: Joi.number().min(0).max(50),
    edge_mm: Joi.number().min(0).max(60),
    sheet_width_mm: Joi.number().min(60).max(1500),
    sheet_length_mm: Joi.number().min(60).max(2500),
    roll_width_mm: Joi.number().min(60).max(1500),
    rerolls_max: Joi.number().integer().min(0).max(6),
    scraps: Joi.string().valid(...SCRAP_USES),
    ...tray,
  }),
  'score-slab': Joi.object({
    method: method('score-slab'),
    thickness_mm,
    piece_width_mm: Joi.number().min(3).max(300),
    piece_length_mm: Joi.number().min(3).max(300),
    pan: box('width_mm', 'depth_mm'),
    trim_mm: Joi.number().min(0).max(60),
  }),
  drop: Joi.object({
    method: method('drop'),
    piece_g: Joi.number().min(0.2).max(500),
    height_mm: Joi.number().min(2).max(60),
    ...tray,
  }),
  ball: Joi.object({ method: method('ball'), diameter_mm: Joi.number().min(5).max(80), ...tray }),
  'log-slice': Joi.object({
    method: method('log-slice'),
    log_diameter_mm: Joi.number().min(8).max(150),
    slice_mm: Joi.number().min(2).max(60),
    end_mm: Joi.number().min(0).max(60),
    log_length_mm: Joi.number().min(60).max(1000),
    roll_up_mm: Joi.number().min(2).max(30),
    ...tray,
  }),
  mat: Joi.object({ method: method('mat'), ...hollows }),
  'frozen-mould': Joi.object({ method: method('frozen-mould'), ...hollows }),
  cup: Joi.object({
    method: method('cup'),
    cup_ml: Joi.number().min(2).max(1000),
    fill_fraction,
    height_mm: Joi.number().min(5).max(120),
    cups: Joi.number().integer().min(1).max(60),
    owned,
  }),
  cake: Joi.object({
    method: method('cake'),
    pan: Joi.object({
      shape: Joi.string().valid(...PAN_SHAPES),
      width_mm: Joi.number().min(40).max(600),
      length_mm: Joi.number().min(40).max(600),
      depth_mm: Joi.number().min(15).max(80),
      hole_mm: Joi.number().min(0).max(400),
    }),
    layers: Joi.number().integer().min(1).max(12),
    layers_per_pan: Joi.number().integer().min(1).max(6),
    trim_mm: Joi.number().min(0).max(60),
    level_mm: Joi.number().min(0).max(40),
    portions: Joi.number().integer().min(1).max(500),
    frosting: Joi.object({
      between_mm: coat_mm,
      crumb_mm: coat_mm,
      coat_mm,
      piping_g: Joi.number().min(0).max(5000),
      tub_g: Joi.number().min(10).max(10000),
    }),
    border: Joi.object({ biscuit_mm: Joi.number().min(5).max(200), gap_mm: Joi.number().min(0).max(100) }),
  }),
  slice: Joi.object({
    method: method('slice'),
    thickness_mm,
    diameter_mm: Joi.number().min(8).max(200),
    core_mm: Joi.number().min(0).max(150),
    peel_mm: Joi.number().min(0).max(20),
    ends_pct: Joi.number().min(0).max(60),
    ...tray,
  }),
  cube: Joi.object({
    method: method('cube'),
    edge_mm: Joi.number().min(5).max(60),
    offcuts_pct: Joi.number().min(0).max(60),
    ...tray,
  }),
};

const door = Joi.string().valid('shut', 'ajar', 'open');
const setpoint_c = Joi.number().min(30).max(260);
const base = Joi.string().valid(...Object.keys(SUPPORTS));
const rh_pct = Joi.number().min(5).max(98);
/** An appliance, in a batch or in the kitchen's kit. */
export const APPLIANCE_SCHEMA = Joi.object({
  id: Joi.string().pattern(/^[a-z0-9-]{1,60}$/),
  kind: Joi.string().valid(...APPLIANCE_KINDS),
  thermostat_offset_c: Joi.number().min(-60).max(60),
  pace: Joi.number().min(0.2).max(5),
  load_g: positive.max(50000),
  shelves: Joi.number().integer().min(1).max(40),
  tray: tray.tray,
  heater_w: Joi.number().min(50).max(20000),
  vent_pct: Joi.number().min(0).max(300),
  heat_up: Joi.object({
    to_c: Joi.number().min(40).max(300).required(),
    minutes: Joi.number().min(0.5).max(240).required(),
  }),
  cool_down: Joi.object({
    from_c: Joi.number().min(40).max(300).required(),
    minutes: Joi.number().min(1).max(600).required(),
    to_c: Joi.number().min(10).max(Joi.ref('from_c')).required(),
  }),
  tray_g: positive.max(20000),
  defrost_minutes: Joi.number().min(0).max(1440),
});

const STEPS: Readonly<Record<string, Joi.ObjectSchema>> = {
  hold: Joi.object({
    do: text,
    setpoint_c: setpoint_c.required(),
    minutes: minutes.required(),
    preheated: Joi.boolean(),
    door,
  }),
  ramp: Joi.object({ do: text, setpoint_c: setpoint_c.required(), minutes: minutes.required(), door }),
  off: Joi.object({ do: text, minutes: minutes.required(), door }),
  cool: Joi.object({ do: text, minutes: minutes.required(), on: Joi.string().valid('rack', 'tray'), room_rh_pct: rh_pct }),
  chill: Joi.object({ do: text, minutes: minutes.required(), fridge_c: Joi.number().min(0).max(15) }),
  freeze: Joi.object({ do: text, minutes: minutes.required(), freezer_c: Joi.number().min(-40).max(-5) }),
  'freeze-dry': Joi.object({
    do: text,
    minutes: minutes.required(),
    shelf_c: Joi.number().min(0).max(70),
    pressure_pa: Joi.number().min(5).max(400),
    faces: Joi.string().valid('one', 'both'),
  }),
  turn: Joi.object({ do: text }),
  stir: Joi.object({ do: text }),
  brush: Joi.object({ do: text, grams: positive.max(2000).required() }),
  'snap-apart': Joi.object({ do: text, width_mm: Joi.number().min(3).max(300), length_mm: Joi.number().min(3).max(300) }),
  'turn-out': Joi.object({ do: text, base }),
  'rotate-trays': Joi.object({ do: text }),
  check: Joi.object({ do: text, seconds: Joi.number().min(1).max(600) }),
  move: Joi.object({ do: text, appliance: APPLIANCE_SCHEMA, base }),
};
const heatStep = Object.entries(STEPS).reduce<Joi.ObjectSchema>(
  (schema, [name, fields]) => schema.when(Joi.object({ do: name }).unknown(), { then: fields }),
  Joi.object({
    do: Joi.string()
      .valid(...Object.keys(STEPS))
      .required(),
  }),
);

const heat = Joi.object({ appliance: APPLIANCE_SCHEMA, base, steps: Joi.array().items(heatStep).min(1).max(60).required() });

const pack = Joi.object({
  option: Joi.string()
    .valid(...Object.keys(PACKS))
    .required(),
  store: Joi.string().valid('room', 'fridge', 'freezer'),
  volume_ml: Joi.number().min(20).max(50000),
  pieces: Joi.number().integer().min(1).max(100000),
  packs: Joi.number().integer().min(0).max(10000),
  openings_per_day: Joi.number().min(0).max(50),
  own: Joi.object({
    film: Joi.number().min(0).max(500),
    area_cm2: Joi.number().min(1).max(50000),
    closure: Joi.string().valid(...Object.keys(CLOSURES)),
    barrier: Joi.boolean(),
  }),
})
  // Counted packs hold counted pieces: otherwise nobody knows what is left for the others.
  .with('packs', 'pieces');

const labelPart = Joi.string().allow('').max(2000);
const label = Joi.object({
  width_mm: Joi.number().min(25).max(200),
  height_mm: Joi.number().min(15).max(200),
  pack: Joi.number().integer().min(0).max(19),
  letter: Joi.string().pattern(/^[A-Z]$/),
  text: Joi.object(Object.fromEntries(LABEL_PARTS.map((part) => [part, labelPart]))),
});
const worth = Joi.object({
  minutes: Joi.number().min(0).max(5760),
  bought_per_100g: Joi.number().min(0).max(1000),
  margin_pct: Joi.number().min(0).max(95),
});

const clock = Joi.number().min(0).max(5760);
const target = Joi.object({
  snap_min: Joi.number().min(0).max(10),
  snap_max: Joi.number().min(0).max(10),
  keeps_days_min: Joi.number().min(0).max(2000),
  browning_max: Joi.number().min(0.02).max(1),
  sure_pct: Joi.number().min(1).max(95),
  pick_clean: Joi.boolean(),
  finish_within_minutes: clock.min(5),
  oven_within_minutes: clock.min(5),
  setpoint_min_c: setpoint_c,
  setpoint_max_c: setpoint_c,
  asleep: Joi.object({ from_minutes: clock.required(), to_minutes: clock.required() }),
  prefer: Joi.string().valid(...PREFERENCES),
  also: Joi.array().items(APPLIANCE_SCHEMA).max(6),
});

/** The whole document except the inside of `shape`, which is checked by its method. */
export const BATCH_SCHEMA = Joi.object({
  format: Joi.string().valid('upbeat-oven/batch').required(),
  version: Joi.number().valid(1).required(),
  name: text.allow(''),
  kitchen: Joi.object({
    altitude_m: Joi.number().min(-420).max(5000),
    room_c: Joi.number().min(-5).max(45),
    room_rh_pct: rh_pct,
    cup_fill: Joi.string().valid(...CUP_FILLS),
    hand_gap_mm: Joi.number().min(0).max(12),
  }),
  recipe: recipe.required(),
  scale,
  shape: Joi.object({
    method: Joi.string()
      .valid(...SHAPE_METHODS)
      .required(),
  })
    .unknown(true)
    .required(),
  heat: heat.required(),
  pack: Joi.array().items(pack).max(20),
  label,
  worth,
  target,
});
