import { FEED_RULES } from './feed';
import { HEAT_RULES } from './heat';
import { KEEP_RULES } from './keep';
import { MIX_RULES } from './mix';
import type { Rule } from './rule';
import { SHAPE_RULES } from './shape';

export { CORE_TARGET_C, ENOUGH_KILL } from './heat';

/** Every rule, in the order of the work. */
export const RULES: readonly Rule[] = [...MIX_RULES, ...SHAPE_RULES, ...HEAT_RULES, ...KEEP_RULES, ...FEED_RULES];
