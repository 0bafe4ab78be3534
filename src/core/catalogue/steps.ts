import type { VariantOf } from '../fields';
import type { StepName } from './step-name';
import type { StepRecord } from './step-record';
import { HOLD } from './steps/hold';
import { RAMP } from './steps/ramp';
import { OFF } from './steps/off';
import { COOL } from './steps/cool';
import { CHILL } from './steps/chill';
import { FREEZE } from './steps/freeze';
import { FREEZE_DRY } from './steps/freeze-dry';
import { TURN } from './steps/turn';
import { STIR } from './steps/stir';
import { BRUSH } from './steps/brush';
import { COAT } from './steps/coat';
import { DRY_COAT } from './steps/dry-coat';
import { CUT } from './steps/cut';
import { SCORE } from './steps/score';
import { SNAP_APART } from './steps/snap-apart';
import { TURN_OUT } from './steps/turn-out';
import { ROTATE_TRAYS } from './steps/rotate-trays';
import { CHECK } from './steps/check';
import { MOVE } from './steps/move';

/** Stretches of time in a programme, and things done at a moment of it: one line a step, its record in a file of its own. */
const TIMED = {
  hold: HOLD,
  ramp: RAMP,
  off: OFF,
  cool: COOL,
  chill: CHILL,
  'dry-coat': DRY_COAT,
  freeze: FREEZE,
  'freeze-dry': FREEZE_DRY,
} as const;
const MOMENTS = {
  turn: TURN,
  stir: STIR,
  brush: BRUSH,
  coat: COAT,
  score: SCORE,
  cut: CUT,
  'snap-apart': SNAP_APART,
  'turn-out': TURN_OUT,
  'rotate-trays': ROTATE_TRAYS,
  check: CHECK,
  move: MOVE,
} as const;
export const STEPS = { ...TIMED, ...MOMENTS } as const satisfies Readonly<Record<StepName, StepRecord>>;

/** A step of a programme as a document writes it. */
export type HeatStep = { [Name in StepName]: VariantOf<'do', Name, (typeof STEPS)[Name]['fields']> }[StepName];

/** What the house knows of a step. */
export const stepRecord = (name: StepName): StepRecord => STEPS[name];
