import { none, type Rule } from './rule';

/** A dome this much over the rim still holds [1]. Source: ours. */
const HOLDS_OVER = 1.15;

const overTheRim: Rule = ({ rising }) =>
  rising && rising.risen_mm > HOLDS_OVER * rising.rim_mm
    ? [
        {
          code: 'over-the-rim',
          severity: 'mind',
          step: 'shape',
          title: 'It will rise over the rim',
          why: `The batter rises to about ${Math.round(rising.risen_mm)} mm; what it stands in is ${Math.round(rising.rim_mm)} mm deep.`,
          act: 'Fill less, take more or larger pans, or line the rim with a collar of paper.',
          source: 'ours, from the simulated rise',
        },
      ]
    : none;

const slicer: Rule = ({ sliced }) =>
  sliced
    ? [
        {
          code: 'slicer',
          severity: 'note',
          step: 'shape',
          title: 'Slicers cut hands as well',
          why: 'Even slices dry alike, and the blade that makes them is bare.',
          act: 'Use the guard or a cut-proof glove, and stop when a thumb’s width is left.',
          source: 'ours',
        },
      ]
    : none;

const unnamedFrosting: Rule = ({ cake }) =>
  cake && cake.unnamedFrosting_g > 0
    ? [
        {
          code: 'frosting-not-told',
          severity: cake.asked ? 'mind' : 'note',
          step: 'shape',
          title: 'The frosting is not in the recipe',
          why: `The cake takes about ${Math.round(cake.unnamedFrosting_g)} g, and nobody has said of what: weight, energy, allergens and life are those of the bare cake.`,
          act: 'Add a frosting to the recipe, or set its thicknesses to 0 if it stays bare.',
          source: 'ours, by area and thickness',
        },
      ]
    : none;

const border: Rule = ({ cake }) => {
  if (!cake || (cake.unnamedBiscuits === 0 && cake.missingBiscuits === 0)) return none;
  const unnamed = cake.unnamedBiscuits > 0;
  return [
    {
      code: 'border-not-told',
      severity: 'mind',
      step: 'shape',
      title: unnamed
        ? 'The biscuits round the side are not in the recipe'
        : `${cake.missingBiscuits} biscuits too few to go round`,
      why: unnamed
        ? `${cake.unnamedBiscuits} go round, and nobody has said of what: weight, energy and allergens are of the cake without them.`
        : 'The portion they come from makes fewer than the side holds.',
      act: unnamed
        ? 'Say which treats they are: another batch, or a portion of this bowl.'
        : 'Give that portion more dough, or set them further apart.',
      source: 'ours, by counting round the side',
    },
  ];
};

/** Cutting, filling and what stands round. */
export const SHAPE_RULES: readonly Rule[] = [overTheRim, slicer, unnamedFrosting, border];
