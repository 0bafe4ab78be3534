export { Assumptions } from './assumptions';
export { differences } from './differences';
export type { Difference } from './differences';
export { APPLIANCE_KINDS, LARGEST_FILE, PREFERENCES } from './document';
export type {
  Appliance,
  ApplianceKind,
  BatchDocument,
  FixedAmount,
  Heat,
  HeatStep,
  KitchenAir,
  LabelWishes,
  PackChoice,
  Preference,
  Recipe,
  RecipeLine,
  RecipeStep,
  Scale,
  Target,
} from './document';
export { applyEdit, editTo, invertEdit, mergeEdits, valueAt } from './edit';
export type { Edit, Path } from './edit';
export { METHODS, METHOD_NAMES } from './methods';
export type { Method } from './methods';
export { SCRAP_USES, SHAPE_METHODS, THICKNESS_BY } from './shapes';
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
  Tray,
} from './shapes';
export { startingPoint } from './starting-point';
