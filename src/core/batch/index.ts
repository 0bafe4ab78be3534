export { addBand, bandFrom, isSettled, samplesInSteps } from './band/band';
export type { Sample } from './band/sample';
export { APPLIANCE_KINDS, LARGEST_FILE, PREFERENCES } from './document';
export type {
  Appliance,
  ApplianceKind,
  BatchDocument,
  FixedAmount,
  HeatStep,
  LabelWishes,
  PackChoice,
  Recipe,
  RecipeLine,
  RecipeStep,
  Scale,
} from './document';
export { differences } from './differences';
export type { Difference } from './differences';
export { drawingOf } from './drawing';
export type { CutThrough, Drawing, LifeCurve } from './drawing';
export { USUAL_TRAY, onItsTray } from './shape/on-tray';
export { USUAL_SHELVES, chamberOf, asMeasured, isChamber, measuredAnew, ownAppliance, stepsIn } from './heat/appliances';
export { coolingOf } from './heat/cooling';
export type { Cooling } from './heat/cooling';
export type { Moment } from './heat/moments';
export { applyEdit, editTo, invertEdit, mergeEdits, valueAt } from './edit';
export type { Edit, Path } from './edit';
export { findInSteps, findProgrammes } from './find/find';
export type { Candidate, Failed, FoundProgrammes, Obstacle, School } from './find/found';
export { gapFromCut } from './hand-gap';
export { predict } from './predict';
export type { Worked } from './predict';
export type { Keeps, Prediction } from './prediction';
export { remember, searchLayout } from './prepare';
export type { Found, Kitchen } from './prepare';
export { swapsOf } from './swap';
export type { Swapped } from './swap';
export { METHODS, METHOD_NAMES } from './methods';
export type { Method } from './methods';
export { SCRAP_USES, SHAPE_METHODS, THICKNESS_BY } from './shapes';
export type { CutterChoice, RollAndCut, Shape, ShapeMethod } from './shapes';
export type { CakeDrawing, HollowsDrawing, LooseDrawing, SheetDrawing, SlabDrawing, TrayDrawing } from './shape/drawing';
export { startingPoint } from './starting-point';
export { fedFrom } from './fed';
export { LONGER_MIN, keepGains } from './keep-gains';
export type { KeepGain } from './keep-gains';
export { labelFacts, makerLetter } from './label-facts';
export { freshLife, lifeOfPack, putAway } from './store-room';
export { worthOf } from './worth';
export type { BatchWorth, KitchenCosts } from './worth';
export { PLACES, dayBatch, heatName, machinesOf } from './day-batch';
export type { KitMachine, KitchenBatch, Places } from './day-batch';
export { USUAL_DAY, dayOf } from './bake-day';
export type { DaySettings, UnderWay, Workplace } from './bake-day';
export { begunSteps, dueTimes, legsOf, lengthened, nextCall, promptsOf, stayNow, staysOf } from './oven/prompts';
export type { Begun, Progress, Prompt, Stay } from './oven/prompts';
export type { Act } from './oven/visits';
export { mapAppliances, namedAppliances, stayIn, writtenLegs } from './heat/written-legs';
export type { WrittenLeg } from './heat/written-legs';
export { trayCourses } from './oven/tray-model';
