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

/** Cutting and filling. */
export const SHAPE_RULES: readonly Rule[] = [overTheRim, slicer];
