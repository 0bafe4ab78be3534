import type { Ingredient } from '../../pantry';
import type { Caution, CautionContext } from '../caution';

export type Rule = (context: CautionContext) => Caution[];
export const none: Caution[] = [];

const rowsIn = (lines: CautionContext['lines']): Ingredient[] =>
  lines.filter(({ mass_g }) => mass_g > 0).map(({ ingredient }) => ingredient);

/** Table rows of everything that is eaten, and of what goes through the heat with the dough. */
export const rowsOf = ({ lines }: CautionContext): Ingredient[] => rowsIn(lines);
export const bakedRows = ({ baked }: CautionContext): Ingredient[] => rowsIn(baked);

/** A caution that stands or does not. */
export const ifAny = (caution: Caution | null): Caution[] => (caution ? [caution] : none);
