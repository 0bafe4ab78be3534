/** The ways of working that one engine covers, by their short name, as a baker would say them. */
export const METHOD_NAMES = {
  M1: 'Rolled and cut, one bake',
  M2: 'Rolled and cut, baked, then dried low',
  M3: 'Baked, then left in the cooling oven',
  M4: 'Slow bake with washes and turns',
  M5: 'Scored slab, snapped and dried',
  M6: 'Pan slab, cut into bits',
  M7: 'Dropped, soft',
  M8: 'Rolled into balls',
  M9: 'Batter in a cavity mat',
  M10: 'Log or spiral, sliced',
  M11: 'Muffins and cups',
  M12: 'Layer cake',
  M13: 'Dried meat',
  M14: 'Dried fruit rings',
  M15: 'Dried root slices',
  M16: 'Freeze-dried',
  M17: 'Frozen in moulds',
  M18: 'Puree and flour',
  M19: 'By-product grain',
  M20: 'Grill, air fryer or pan',
} as const;
export type Method = keyof typeof METHOD_NAMES;
export const METHODS = Object.keys(METHOD_NAMES) as readonly Method[];
