/** Facts that the reader misses without asking, each with its reason. */
export const MISSES: Readonly<Record<string, string>> = {
  'first-set.txt 1 egg_whole 59 g grams':
    'the fact is a British large egg; the recipe bakes in °F, so its eggs are read as American',
  'first-set.txt 3 egg_whole 114 g grams': 'the fact weighs large American eggs in their shells; 50 g is what is in one',
  'second-set.txt 1 egg_whole 57 g grams': 'the fact weighs a large American egg in its shell',
  'second-set.txt 11 no such line': 'oats, ground fine: read as oat flour, which they are; the fact names the oats',
  'second-set.txt 19 parsley_fresh 1 cup-us ? grams': 'the fact takes an ordinary cup; packed is read as packed',
  'third-set.txt 59 coconut_desiccated 20 g ? part': 'the fact says dough; "Roll in:" is read as what the balls are rolled in',
};
