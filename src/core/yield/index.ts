export { bakedBy, doughMaterial, filmMaterial } from './dough-material';
export type { DoughMaterial } from './dough-material';
export { openSides, pouredGap } from './exposure';
export { Known } from './known';
export { onItsTray } from './on-tray';
export { USUAL_TRAY } from './usual-tray';
export { bowlFactor, knownDough, leftOvers, rememberDough, scaleFactor } from './scale';
export type { KnownDough, ScaleBasis } from './scale';
export {
  advised,
  knownYield,
  mixtureOf,
  nominalThickness,
  planShape,
  quickYield,
  rememberYield,
  roughYield,
  thicknessSpread,
  yieldInSteps,
  yieldOf,
} from './shape-plan';
export type { KnownYield, ShapePlan, Substance } from './shape-plan';
export { PLAIN } from './shape-yield';
export { onThePieces, putOnInHeat, treatParts, wets } from './treat-parts';
export type { PutOn, TreatPart } from './treat-parts';
export type { ShapeYield, Shaped } from './shape-yield';
export { swapsOf } from './swap';
export type { Swapped } from './swap';
export { shapeDrawing } from './tray-drawing';
export type {
  CakeDrawing,
  HollowsDrawing,
  LooseDrawing,
  ShapeDrawing,
  SheetDrawing,
  SlabDrawing,
  TrayDrawing,
} from './tray-drawing';
export { intoTheBowl, onlyDough, weighRecipe } from './weigh-recipe';
