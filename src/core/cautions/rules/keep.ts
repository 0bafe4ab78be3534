import { none, type Rule } from './rule';

const packWarm: Rule = ({ atPacking_c, room_c }) =>
  atPacking_c > Math.max(30, room_c + 5)
    ? [
        {
          code: 'pack-warm',
          severity: 'mind',
          step: 'pack',
          title: 'Let them cool first',
          why: `They come out at about ${Math.round(atPacking_c)} °C; a closed pack would sweat and go mouldy.`,
          act: 'Cool on a rack until no warmer than the room.',
          source: 'ours',
        },
      ]
    : none;

const absorber: Rule = ({ awSafe, packs }) =>
  packs.some(({ option }) => option === 'foil-pouch-absorber') && (awSafe === null || awSafe > 0.75)
    ? [
        {
          code: 'absorber-moist',
          severity: 'stop',
          step: 'pack',
          title: 'No oxygen absorber with moist treats',
          why: 'Without oxygen, moist food can grow what makes botulism.',
          act: 'Dry them first, or use a plain pack in the fridge.',
          source: 'USDA and FDA advice on oxygen absorbers',
        },
      ]
    : none;

const keepCold: Rule = ({ awSafe, packs }) =>
  awSafe !== null && awSafe > 0.85 && packs.length > 0
    ? [
        {
          code: 'keep-cold',
          severity: 'mind',
          step: 'keep',
          title: 'Keep these in the fridge or freezer',
          why: 'The dampest part is moist enough for germs to grow.',
          act: 'Chill within two hours; use the days shown here, not the look.',
          source: 'FDA, aw 0.85 (21 CFR 114)',
        },
      ]
    : none;

/** Packing and keeping. */
export const KEEP_RULES: readonly Rule[] = [packWarm, absorber, keepCold];
