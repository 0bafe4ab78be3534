export { addBand, bandInSteps } from './band';
export { APPLIANCE_KINDS, LARGEST_FILE, SHAPE_METHODS } from './document';
export type {
  BatchDocument,
  FixedAmount,
  HeatStep,
  PackChoice,
  Recipe,
  RecipeLine,
  RecipeStep,
  RollAndCut,
  Scale,
  ScoreSlab,
} from './document';
export { drawingOf } from './drawing';
export type { CutThrough, Drawing, LifeCurve, SheetDrawing, SlabDrawing } from './drawing';
export type { Reached } from './moments';
export { applyEdit, editTo, invertEdit, mergeEdits, valueAt } from './edit';
export type { Edit, Path } from './edit';
export { predict } from './predict';
export type { Kitchen, Worked } from './predict';
export type { Keeps, Prediction } from './prediction';
export { swapsOf } from './swap';
export type { Swapped } from './swap';
export { METHODS, METHOD_NAMES } from './methods';
export type { Method } from './methods';
export { STARTING_METHODS, startingPoint } from './starting-point';
