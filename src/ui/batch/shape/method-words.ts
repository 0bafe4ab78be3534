import type { ShapeMethod } from '@/core/catalogue';

/** Ways of shaping, as a baker would say them. */
export const METHOD_WORDS: ReadonlyArray<{ readonly value: ShapeMethod; readonly name: string }> = [
  { value: 'roll-and-cut', name: 'roll and cut' },
  { value: 'score-slab', name: 'score a slab' },
  { value: 'drop', name: 'drop with a scoop' },
  { value: 'ball', name: 'roll into balls' },
  { value: 'log-slice', name: 'slice a log' },
  { value: 'mat', name: 'fill a cavity mat' },
  { value: 'cup', name: 'fill cups' },
  { value: 'cake', name: 'bake a cake' },
  { value: 'slice', name: 'slice fruit, root or meat' },
  { value: 'cube', name: 'cut into cubes' },
  { value: 'frozen-mould', name: 'fill moulds for the freezer' },
];
