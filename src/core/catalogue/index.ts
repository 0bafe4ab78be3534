export {
  FREEZER_C,
  FREEZE_DRYER,
  FRIDGE,
  USUAL_SHELVES,
  asMeasured,
  chamberOf,
  freezeDryerOf,
  freezerOf,
  isChamber,
  measuredAnew,
  ownAppliance,
  stepsIn,
  usualBase,
} from './appliances';
export { SECONDS_A_PIECE } from './shaping-times';
