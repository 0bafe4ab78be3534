import Joi from 'joi';
import type { Day } from '@/core/bakeday';

/** A day as it is written: what is left out is filled in. Lists of steps, hands and modes are still as they came. */
export type WrittenDay = Omit<Day, 't1' | 'obj' | 'batches'> & {
  readonly t1?: number;
  readonly obj?: Partial<Day['obj']>;
  readonly batches: readonly WrittenBatch[];
};
export type WrittenBatch = { readonly id: string; readonly steps: readonly WrittenStep[] };
export type WrittenStep = Omit<Day['batches'][number]['steps'][number], 'id' | 'name' | 'maxWait'> & {
  readonly id?: string;
  readonly name?: string;
  readonly maxWait?: number | null;
};

const minute = Joi.number().integer().min(0).max(100_000);
const length = Joi.number().integer().min(0).max(20_160);
const id = Joi.string().min(1).max(120);
const span = Joi.array().items(minute).length(2);
const degrees = Joi.number().min(-60).max(400);

const hands = Joi.object({
  off: Joi.alternatives(Joi.number().integer().min(0).max(20_160), Joi.string().valid('mid'))
    .default(0)
    .description(
      'minutes from the start of the step to the start of the visit; `"mid"`: half of the step’s minutes, halves up; with `end`: minutes from the end of the visit to the end of the step',
    ),
  end: Joi.boolean().valid(true).description('`off` counts back from the end of the step'),
  len: length.min(1).required().description('minutes of work'),
  n: Joi.number().valid(1, 2).default(1).description('pairs of hands, all along'),
  flex: Joi.number()
    .min(0)
    .max(1440)
    .description('it may begin so many minutes earlier or later; parts of a minute are dropped; left out: none'),
  noisy: Joi.boolean().default(false).description('not in quiet hours'),
  extend: length.description(
    'it may begin so many minutes later; the step lasts until it is done. Left out: the step does not wait',
  ),
  interruptible: Joi.boolean()
    .valid(true)
    .description(
      'begins when it is called for and may pause three times at most, in stretches of five minutes or more (the last one too; work shorter than that never pauses); the step lasts until it is done',
    ),
  maxPause: length.description('minutes of each pause; left out: 0'),
});

const mode = Joi.object({
  res: id.required().description('id of the machine'),
  T: degrees.required().description('its setpoint when the step starts'),
  Tout: degrees.description('the setpoint that the step leaves it at; left out: `T`'),
  q: Joi.number()
    .min(0)
    .max(100_000)
    .required()
    .description('trays that the step takes there (freeze dryer: tenths of a kilogram) from its start to its end'),
  dur: length.description('minutes of the step in this machine; left out: the step’s `dur`'),
});

const step = Joi.object({
  id: id.description('no other step of the batch has it; left out: its number from 0'),
  name: Joi.string().max(200).description('for sentences; left out: its id'),
  dur: length.required().description('minutes'),
  modes: Joi.array().items(mode).max(50).description('machines that it may run in, one of them; left out or empty: none'),
  hands: Joi.array().items(hands).max(50).description('visits'),
  minWait: length.description('minutes from its end to the start of the next step, at least; left out: 0'),
  maxWait: length.allow(null).description('and at most; left out or null: any'),
  excl: Joi.boolean().valid(true).description('nobody else in the machine meanwhile, whatever their setpoint'),
  sameRes: Joi.boolean()
    .valid(true)
    .description(
      'in the machine of the step before. With `modes`, the one of that machine; without, on with the step before’s `T`, `Tout` and `q`, and `m` is -1',
    ),
  store: Joi.object({
    id: id.required().description('id of the store'),
    q: Joi.number().min(0).required().description('places taken'),
  }).description('held from the start of the step to the start of the next one; by a last step to its end'),
  pin: minute.description('the minute at which it should start: kept where that can be, else missed by as little as was found'),
  pinMode: Joi.number()
    .integer()
    .min(-1)
    .max(49)
    .description('with `pin`: the number of the mode that it must take; -1 or left out: any'),
});

const machine = Joi.object({
  id: id.required(),
  kind: Joi.string()
    .valid('oven', 'dehy', 'fd')
    .required()
    .description(
      'oven, dehydrator, freeze dryer. Loads of a freeze dryer start and end in the same minute, or lie `turn` minutes apart; its temperatures do not matter',
    ),
  slots: Joi.number().min(0).required().description('trays at once; of a freeze dryer tenths of a kilogram'),
  tol: Joi.number()
    .min(0)
    .default(5)
    .description('kelvin: steps whose `T` are no further apart share it; a change of no more takes no time'),
  heat: Joi.number()
    .greater(0)
    .default(10)
    .description('kelvin a minute; a change takes whole minutes, rounded up, from `Tout` of who was in to `T` of who comes'),
  cool: Joi.number().greater(0).default(4).description('the same downwards'),
  ambient: Joi.number()
    .min(-30)
    .max(60)
    .default(20)
    .description('°C that it has at `t0`, and the lowest that an oven or dehydrator goes'),
  maxT: Joi.number().description('the highest setpoint; left out: any'),
  turn: length.description('of a freeze dryer: minutes between two runs; left out: 0'),
  kHold: Joi.number().min(0).description('kW per kelvin over ambient while in use; left out: 0'),
  kHeat: Joi.number().min(0).description('kWh per kelvin of heating up; left out: 0'),
});

const batch = Joi.object({
  id: id.required(),
  due: minute.required().description('the minute at which its last step should have ended'),
  release: minute.description('no step before; left out: `t0`'),
  weight: Joi.number().min(0).max(1000).description('how much a minute late weighs; left out: 1'),
  steps: Joi.array().items(step).min(1).max(100).required().description('one after the other'),
});

const weight = Joi.number().min(0).max(1e6);

/** The day document as it is checked; its descriptions are the table in docs/day-file.md. Minutes are whole, on one clock that runs on over midnight. */
export const DAY = Joi.object<WrittenDay>({
  t0: minute.required().description('nothing starts before this minute'),
  t1: minute.description('everything has ended by then; left out: 14 days after `t0`'),
  handsCap: Joi.number().integer().min(1).max(10).default(1).description('pairs of hands'),
  win: Joi.array()
    .items(span)
    .max(100)
    .default([])
    .description(
      '[from, to] in which somebody is awake; touching ones are one. The windows that begin on the last calendar day (from one multiple of 1440 to the next) go on day after day. None: always. Each stretch of work lies in one window',
    ),
  quiet: Joi.array()
    .items(span)
    .max(100)
    .default([])
    .description(
      '[from, to] in which nothing noisy is done. The last 24 hours written go on day after day, the first 24 hours hold on the days before',
    ),
  machines: Joi.array().items(machine).max(50).unique('id').default([]),
  stores: Joi.array()
    .items(
      Joi.object({
        id: id.required(),
        cap: Joi.number().min(0).required().description('places'),
      }),
    )
    .max(50)
    .unique('id')
    .default([])
    .description('fridge, freezer, trays'),
  batches: Joi.array().items(batch).min(1).max(60).unique('id').required(),
  obj: Joi.object({
    tard: weight.description('per minute late, times the batch’s weight; left out: 1000'),
    mk: weight.description('per minute of the makespan; left out: 1'),
    sum: weight.description('per minute from `t0` to the end of every batch; left out: 0.02'),
    energy: weight.description('per kWh; left out: 0'),
  }).description('what is made small'),
});
