import type { Ingredient } from '../../pantry';
import type { Caution, CautionContext } from '../caution';

export type Rule = (context: CautionContext) => Caution[];
export const none: Caution[] = [];

/** Table rows of everything that is in the bowl. */
export const rowsOf = ({ lines }: CautionContext): Ingredient[] =>
  lines.filter(({ mass_g }) => mass_g > 0).map(({ ingredient }) => ingredient);
