export { APPLIANCE, TRAY } from './appliance-fields';
export type { Appliance, Tray } from './appliance-fields';
export { APPLIANCE_KINDS, applianceRecord } from './appliances';
export type { ApplianceKind } from './appliances';
export { asMeasured, measuredAnew, ownAppliance } from './own-appliance';
export { PACK } from './pack-fields';
export type { PackChoice } from './pack-fields';
export type { Mixture } from './shape-record';
export { PART_ROLES, PART_TIMES, roleRecord } from './part-roles';
export type { FinishRole, PartRole, PartTime } from './part-roles';
export { SHAPES, shapeRecord, slicedOffBy } from './shapes';
export type {
  Ball,
  Cake,
  CakePan,
  Cube,
  Cup,
  CutterChoice,
  Drop,
  FrozenMould,
  LogSlice,
  Mat,
  RollAndCut,
  ScoreSlab,
  ScrapUse,
  Shape,
  ShapeMethod,
  Slice,
} from './shapes';
export { STEPS, stepRecord } from './steps';
export type { HeatStep } from './steps';
export { BASE, SETPOINT_C, ROOM_RH_PCT } from './steps/step-fields';
export { FREEZER_C, FRIDGE, chamberOf, freezeDryerOf, freezerOf, heatsFromBelow, isChamber } from './surroundings';
export { usualBase } from './usual-base';
