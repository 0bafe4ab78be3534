export { bestBefore } from './best-before';
export { guarantees } from './guarantees';
export { ingredientList } from './ingredient-list';
export { LABEL_PARTS, labelText } from './label-text';
export type { LabelFacts, LabelPart, LabelText } from './label-text';
export { isLot, lotOf } from './lot';
export { fillPlan, statedWeight, tolerableError } from './net-weight';
