export { addBand, bandInSteps } from './band';
export { clockMinute } from './bake';
export { APPLIANCE_KINDS, LARGEST_FILE, SHAPE_METHODS } from './document';
export type {
  BatchDocument,
  Heat,
  HeatStep,
  PackChoice,
  Recipe,
  RecipeLine,
  RollAndCut,
  Scale,
  ScoreSlab,
  Shape,
} from './document';
export { drawingOf } from './drawing';
export type { CutThrough, Drawing, LifeCurve, Reached, SheetDrawing, SlabDrawing } from './drawing';
export { applyEdit, editTo, invertEdit, mergeEdits, valueAt } from './edit';
export type { Edit, Path } from './edit';
export { activityReader, wetBasisPct } from './finish';
export { productOf, storageOf } from './keep';
export { predict } from './predict';
export type { Kitchen, Worked } from './predict';
export type { Keeps, Prediction } from './prediction';
