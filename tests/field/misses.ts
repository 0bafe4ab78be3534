/**
 * Readings of the field set that the model misses, by scene and reading, each with what stands there and why. Nothing is taken
 * off but by a model that meets it.
 */
export const MISSES: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  'm1-6mm-175-25': {
    'days in pack 1': 'stands at 4: half of the draws are too damp to be crisp and end with mould; a week is a guess of practice',
  },
  'm1-6mm-175-40': {
    'water left':
      'stands at 1.5: a thin crumb hotter than 150 °C boils its last water off at once: nothing in the boiling cap holds it',
    'days in pack 2':
      'stands at 111: bags let in less in a room of 50 % than practice fears, and the estimate’s own end comes first',
  },
  'm1-4mm-160-20': {
    'water left': 'stands at 15.6: the first minutes are still slow: the tray must warm up before it helps',
  },
  'm1-small': {
    'water left': 'stands at 16.4: sides of small pieces are taken to be as shaded as those of large ones',
  },
  'm3-175-25-off-hour': {
    'water left': 'stands at 2.7: one-lump oven, and the last water boils off too readily in a thin crumb',
  },
  'm5-slab-5mm': {
    'water left': 'stands at 1.6: broken bits are given seven tenths of free sides whatever the gap',
  },
  'm18-sweet-potato-chickpea': {
    'water left': 'stands at 27.7: purée doughs are taken to be as closed as stiff ones until they set',
  },
  'm19-spent-grain': {
    'water left': 'stands at 1.8: three hours at 95 °C on paper: the last water still leaves too readily',
  },
  'm10-log-8mm': {
    'days in pack 1':
      'stands at 4: at 12 % water half of the draws are too damp to be crisp; butter biscuits hold less in air than their isotherm says',
  },
  'm20-air-fryer': {
    'water left': 'stands at 20.6: wind of 35 W/(m² K) from above only; a basket lets it through from below',
  },
  'm20-contact-grill': {
    'water left': 'stands at 1.8: hot plates touch the whole face from the first second; steam lifts a real piece off',
    'hottest middle': 'stands at 135.5: as above: dry too early, and hot after that',
  },
  'm7-drops': {
    'water left': 'stands at 50.5: half a point; a drop is taken as a disc, which has less surface than a scoop',
  },
  'm9-turkey-mat': {
    'weight lost': 'stands at 19.3: juice is pressed out at one rate for whole and ground meat, and a mat’s film drains faster',
  },
  'm11-muffins': {
    'water left': 'stands at 58.9: the cup is taken to close the sides fully, and the batter’s top to stay closed until it sets',
  },
  'm12-cake': {
    'water left': 'stands at 45.9: evaporation only from the top, through a crumb that opens late',
    'weight lost': 'stands at 5.1: the same',
  },
  'm17-frozen': {
    texture: 'stands at tender: a spoonful of yoghurt in a loaded freezer: the load is taken to be all of the batch at once',
  },
  'm13-chicken-4mm': {
    'water left': 'stands at 3.6: thin lean slices reach the drier’s air too soon; one law of bound water for all foods',
  },
  'm14-apple-5mm': {
    'water left': 'stands at 5.7: sugar holds its last water harder than one law for all foods has it',
    texture: 'stands at crisp shell, chewy heart: follows from the water',
  },
  'm14-apple-3mm-crisp': {
    'water left': 'stands at 1.5: the same, for a thin slice and twelve hours',
  },
  'm14-pear-6mm': {
    'water left': 'stands at 5.7: the same',
  },
  'm14-strawberry-6mm': {
    'water left': 'stands at 3.6: the same',
  },
  'm14-apple-oven': {
    'water left': 'stands at 5.4: the same',
  },
  'm15-sweet-potato-5mm': {
    'water left': 'stands at 5.9: a tenth of a point: gelled starch holds harder than raw',
  },
  'm15-carrot-3mm': {
    'water left': 'stands at 2.3: the same as apple, with fewer sugars',
  },
};
