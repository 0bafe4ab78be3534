/**
 * Readings of the field set that the model misses, by scene and reading, each with what stands there and why. Nothing is taken
 * off but by a model that meets it.
 */
export const MISSES: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  'm1-6mm-175-25': {
    'days in pack 1': 'stands at 4: half of the draws are too damp to be crisp and end with mould; a week is a guess of practice',
  },
  'm1-6mm-175-40': {
    'water left': 'stands at 1.9: the outer layers are bone dry after forty minutes, and the middle follows within minutes',
    'days in pack 2':
      'stands at 116: bags let in less in a room of 50 % than practice fears, and the estimate’s own end comes first',
  },
  'm1-4mm-160-20': {
    'water left': 'stands at 14.1: the first minutes are still slow: the tray must warm up before it helps',
  },
  'm1-small': {
    'water left': 'stands at 14.5: sides see only half of the oven through gaps as wide as the pieces are high',
  },
  'm10-log-8mm': {
    'days in pack 1':
      'stands at 5: at 12 % water half of the draws are too damp to be crisp; butter biscuits hold less in air than their isotherm says',
  },
  'm20-contact-grill': {
    'water left': 'stands at 6.7: hot plates touch the whole face from the first second; steam lifts a real piece off',
    'hottest middle': 'stands at 139: as above: dry too early, and hot after that',
  },
  'm7-drops': {
    'water left': 'stands at 50.7: half a point; a drop is taken as a disc, which has less surface than a scoop',
  },
  'm9-turkey-mat': {
    'weight lost': 'stands at 19.9: a tenth of a point: juice is pressed out at one rate, and a mat’s film drains faster',
  },
  'm11-muffins': {
    'water left':
      'stands at 58.5 and loses 12 %, as the reading of the loss wants: from a batter of 64 % that leaves no less; the two readings do not go together',
  },
  'm12-cake': {
    'water left':
      'stands at 45.7: most of the forty minutes go into heating it through a bright tin; evaporation is left ten of them',
    'weight lost': 'stands at 5.6: the same',
  },
  'm13-beef-5mm': {
    'days in pack 2': 'stands at 5: water is right at 18 %, and half of the draws lie above the activity that keeps in a fridge',
  },
  'm13-liver-6mm': {
    'days in pack 2': 'stands at 8: the same, at 17 %',
  },
  'm16-strawberry-freeze-dried': {
    'days in pack 1': 'stands at 32: a day is just enough for 8 mm, and in half of the draws ice is left in the middle',
  },
};
