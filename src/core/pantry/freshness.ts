import type { Ingredient } from './ingredient';

/** How long an ingredient stays good once it is open or prepared; null where that place is no good for it. */
export type Freshness = {
  readonly room_h: number | null;
  readonly fridge_days: number | null;
  readonly freezer_months: number | null;
};

const clock = (room_h: number | null, fridge_days: number | null, freezer_months: number | null): Freshness => ({
  room_h,
  fridge_days,
  freezer_months,
});

/**
 * By id first, then by category. Dry goods have no clock here: their pack's date counts.
 *
 * @source after storage times of USDA FoodKeeper, recalled; drained grain ours, from its warmth and wetness after the mash
 */
const BY_ID = new Map<string, Freshness>(
  Object.entries({
    spent_grain_wet: clock(6, 2, 3),
    spent_grain_pressed: clock(8, 2, 3),
    egg_white: clock(2, 4, 12),
    egg_yolk: clock(2, 2, 12),
    egg_whole: clock(2, 2, 12),
    chicken_cooked: clock(2, 3, 3),
    bacon_cooked: clock(2, 4, 1),
    broth_homemade: clock(2, 3, 3),
    coconut_milk: clock(2, 4, 2),
    cheddar: clock(4, 21, 6),
    parmesan_grated: clock(8, 28, 6),
    milk_powder_skim: clock(null, null, null),
    apple_dried: clock(null, null, null),
    raisins: clock(null, null, null),
    currants_dried: clock(null, null, null),
    cranberries_dried: clock(null, null, null),
    coconut_desiccated: clock(null, null, null),
    liver_chicken: clock(2, 1, 3),
    liver_beef: clock(2, 1, 3),
    liver_lamb: clock(2, 1, 3),
    liver_pork: clock(2, 1, 3),
    spinach_raw: clock(6, 4, 8),
    parsley_fresh: clock(8, 7, 6),
  }),
);
const BY_CATEGORY = new Map<string, Freshness>(
  Object.entries({
    'meat/organ': clock(2, 2, 4),
    fish: clock(2, 2, 2),
    egg: clock(2, 2, 12),
    dairy: clock(2, 5, 2),
    'fruit puree': clock(4, 4, 6),
    'root/veg puree': clock(2, 3, 6),
    'root/veg': clock(24, 5, 8),
    fruit: clock(24, 5, 8),
  }),
);
const COOKED = clock(2, 4, 3);
const NO_CLOCK = clock(null, null, null);

export function freshnessOf(row: Ingredient): Freshness {
  if (row.category === 'whole grain') return row.water > 40 ? COOKED : NO_CLOCK;
  return BY_ID.get(row.id) ?? BY_CATEGORY.get(row.category) ?? NO_CLOCK;
}
