import { allergensIn, isRawFlour, isWetSpentGrain, liverShare, type Ingredient } from '../pantry';
import type { Caution, CautionContext } from './caution';
import { sizeVerdict } from './piece-size';
import { warmAndWetMinutes } from './warm-and-wet';

type Rule = (context: CautionContext) => Caution[];
const none: Caution[] = [];

/** Heat that the middle of a raw animal food calls for [°C]. Source: USDA-FSIS safe minimum temperatures. */
export const CORE_TARGET_C = { poultry: 74, 'red-meat': 71, egg: 71, fish: 63 } as const;
/** Log10 kill below which the middle's heat has not been shown to be enough. Source: USDA-FSIS Appendix A. */
const ENOUGH_KILL = 6.5;

const rowsOf = ({ lines }: CautionContext): Ingredient[] =>
  lines.filter(({ mass_g }) => mass_g > 0).map(({ ingredient }) => ingredient);
const isTissue = (row: Ingredient): boolean => row.rawAnimal !== null && row.rawAnimal !== 'egg';

const dangers: Rule = (context) =>
  rowsOf(context)
    .filter(({ dogFlag }) => dogFlag === 'avoid')
    .map((row): Caution => ({
      code: `avoid-${row.id}`,
      severity: 'stop',
      step: 'mix',
      title: `${row.name} is not for dogs`,
      why: row.dogReason,
      act: 'Take it out before you bake.',
      source: 'poison-centre lists; see docs/model/cautions.md',
    }));

const garlic: Rule = (context) =>
  rowsOf(context).some(({ id }) => id.startsWith('garlic_'))
    ? [
        {
          code: 'garlic',
          severity: 'mind',
          step: 'mix',
          title: 'Garlic: people disagree',
          why: "It belongs to the onion family, which harms dogs' red blood cells; the dose matters and most poison centres advise none.",
          act: 'We suggest leaving it out. Ask your vet.',
          source: 'Lee et al. 2000; Yamato et al. 2005',
        },
      ]
    : none;

const hops: Rule = (context) =>
  rowsOf(context).some(isWetSpentGrain)
    ? [
        {
          code: 'hops',
          severity: 'note',
          step: 'mix',
          title: 'Only grain that never met hops',
          why: "Hops can drive a dog's temperature to deadly heights.",
          act: 'Take mash grain before any hops go in, and use it the same day.',
          source: 'Duncan et al. 1997',
        },
      ]
    : none;

const liver: Rule = ({ lines }) =>
  liverShare(lines) > 0.15
    ? [
        {
          code: 'liver',
          severity: 'mind',
          step: 'feed',
          title: 'Rich in vitamin A',
          why: `Liver is ${Math.round(liverShare(lines) * 100)} % of the mix.`,
          act: 'Feed a little; not every day together with other liver.',
          source: 'NRC 2006',
        },
      ]
    : none;

const fatty: Rule = ({ fat_pctOfDry }) =>
  fat_pctOfDry > 15
    ? [
        {
          code: 'fatty',
          severity: 'mind',
          step: 'feed',
          title: fat_pctOfDry > 25 ? 'Very fatty' : 'On the rich side',
          why: `Fat is ${fat_pctOfDry.toFixed(0)} % of the dry treat; rich food can set off pancreatitis.`,
          act: 'Feed fewer, or choose leaner ingredients.',
          source: 'ours, on the careful side',
        },
      ]
    : none;

const salty: Rule = ({ sodium_mgPer100gDry }) =>
  sodium_mgPer100gDry > 500
    ? [
        {
          code: 'salty',
          severity: 'mind',
          step: 'feed',
          title: sodium_mgPer100gDry > 1000 ? 'Salty' : 'A bit salty',
          why: `${sodium_mgPer100gDry.toFixed(0)} mg sodium in 100 g of dry treat.`,
          act: 'Leave added salt, salted butter and stock cubes out.',
          source: 'NRC 2006',
        },
      ]
    : none;

const core: Rule = (context) => {
  const raw = rowsOf(context).filter(({ rawAnimal }) => rawAnimal !== null);
  if (raw.length === 0) return none;
  const need_c = Math.max(...raw.map(({ rawAnimal }) => CORE_TARGET_C[rawAnimal ?? 'poultry']));
  const names = raw.map(({ name }) => name).join(', ');
  if (context.core_cMax === null)
    return [
      {
        code: 'core-unknown',
        severity: 'mind',
        step: 'heat',
        title: 'Check the middle',
        why: `There is no heat step here, and ${names} is raw.`,
        act: `Probe the thickest piece: it needs ${need_c} °C.`,
        source: 'USDA-FSIS',
      },
    ];
  if (context.core_cMax >= need_c) return none;
  return [
    {
      code: 'core-low',
      severity: raw.some(isTissue) ? 'stop' : 'mind',
      step: 'heat',
      title: 'Not hot enough in the middle',
      why: `The middle is predicted to reach ${context.core_cMax.toFixed(0)} °C; ${names} calls for ${need_c} °C.`,
      act: 'Bake longer or hotter, and probe the thickest piece.',
      source: 'USDA-FSIS',
    },
  ];
};

const heatFirst: Rule = (context) =>
  context.dehydrator && rowsOf(context).some(isTissue)
    ? [
        {
          code: 'jerky-heat-first',
          severity: 'mind',
          step: 'heat',
          title: 'Heat meat first, then dry',
          why: 'Drying air warms wet meat too slowly to kill germs, and dried meat shields them.',
          act: 'Bring it to 71 °C (poultry 74 °C) before drying, or give it 10 minutes at 135 °C straight after.',
          source: 'USDA-FSIS on jerky',
        },
      ]
    : none;

const lethality: Rule = (context) =>
  rowsOf(context).some(isTissue) && context.kill_log10 < ENOUGH_KILL
    ? [
        {
          code: 'lethality',
          severity: 'mind',
          step: 'heat',
          title: 'Heat may not have done the job',
          why: `Only heat while the middle is still wet counts: ${context.kill_log10.toFixed(1)} of ${ENOUGH_KILL} log steps are credited.`,
          act: 'Cook it through while it is wet, then dry.',
          source: 'USDA-FSIS Appendix A; an estimate, not a validation',
        },
      ]
    : none;

const rawFlour: Rule = (context) =>
  rowsOf(context).some(isRawFlour) && (context.core_cMax === null || context.core_cMax < 71)
    ? [
        {
          code: 'raw-flour',
          severity: 'mind',
          step: 'heat',
          title: 'Raw flour carries germs too',
          why: 'The middle does not reach 71 °C.',
          act: 'Bake it through, and do not let dogs lick raw dough.',
          source: 'FDA advice on raw flour',
        },
      ]
    : none;

const warmDamp: Rule = (context) => {
  const minutes = warmAndWetMinutes(context.curve);
  const animal = rowsOf(context).some(({ rawAnimal, category }) => rawAnimal !== null || category === 'dairy');
  if (minutes <= 120) return none;
  const long = minutes > 240 && animal;
  return [
    {
      code: 'warm-damp',
      severity: long ? 'stop' : 'mind',
      step: 'heat',
      title: long ? 'Too long warm and wet' : 'Slow to warm',
      why: `The middle spends ${Math.round(minutes)} minutes between 5 and 60 °C while still wet.`,
      act: 'Start hotter, spread the load thinner, or heat it through first.',
      source: 'FDA Food Code, two and four hours',
    },
  ];
};

const beyondHeater: Rule = ({ asked_c, warmest_c }) =>
  asked_c > warmest_c
    ? [
        {
          code: 'beyond-heater',
          severity: 'mind',
          step: 'heat',
          title: 'This appliance does not get that hot',
          why: `${Math.round(asked_c)} °C is asked for; its heater holds about ${Math.round(warmest_c)} °C when empty, and less with wet pieces in it.`,
          act: 'Set what it can hold, or use the oven. The times shown are for the air it really reaches.',
          source: "heat balance of the chamber; see the maker's manual",
        },
      ]
    : none;

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

const wetHeart: Rule = ({ surfaceAw, coreAw }) =>
  surfaceAw <= 0.65 && coreAw > 0.7
    ? [
        {
          code: 'wet-heart',
          severity: 'mind',
          step: 'heat',
          title: 'The middle is damper than it feels',
          why: 'The outside is dry while the heart is still moist; in a jar the water spreads and mould follows.',
          act: 'Dry longer at a lower heat, or roll thinner.',
          source: 'ours, from the simulated cross-section',
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

const hard: Rule = ({ force_N, hard: isHard }) =>
  isHard && force_N > 150
    ? [
        {
          code: 'hard',
          severity: 'mind',
          step: 'feed',
          title: 'Too hard for teeth?',
          why: `A bar of it takes about ${Math.round(force_N)} N to snap, good to a factor of two.`,
          act: 'If your thumbnail cannot mark it, it is too hard. Roll thinner for pups, old dogs and bad teeth.',
          source: 'ours; Soltero-Rivera et al. 2019',
        },
      ]
    : none;

const SMALL_DOG_KG = 5;

const choke: Rule = ({ sides_mm: [longest, second], hard: isHard }) => {
  return sizeVerdict(longest, second, SMALL_DOG_KG) === 'throat'
    ? [
        {
          code: 'choke',
          severity: 'mind',
          step: 'feed',
          title: "About the width of a small dog's throat",
          why: `${Math.round(longest)} x ${Math.round(second)} mm is between a crumb and a chew for a 5 kg dog${isHard ? ', and it is hard' : ''}.`,
          act: 'Cut smaller for training or larger for chewing, and watch your dog eat new shapes.',
          source: 'ours; no published standard exists',
        },
      ]
    : none;
};

const allergens: Rule = (context) => {
  const found = allergensIn(rowsOf(context)).map(({ name, certain }) => (certain ? name : `maybe ${name}`));
  return found.length > 0
    ? [
        {
          code: 'allergens',
          severity: 'note',
          step: 'feed',
          title: `Contains: ${found.join(', ')}`,
          why: 'Dogs and the people who handle treats can react.',
          act: 'Wash down between batches; say it on the label.',
          source: 'pantry table',
        },
      ]
    : none;
};

const vet: Rule = () => [
  {
    code: 'vet',
    severity: 'note',
    step: 'feed',
    title: 'When in doubt, ask your vet',
    why: 'These are predictions, not tests of your treats.',
    act: 'Selling? Check your local feed and food rules.',
    source: 'ours',
  },
];

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

/** Every rule, in the order of the work. */
export const RULES: readonly Rule[] = [
  dangers,
  garlic,
  hops,
  overTheRim,
  slicer,
  core,
  heatFirst,
  lethality,
  rawFlour,
  warmDamp,
  beyondHeater,
  wetHeart,
  packWarm,
  absorber,
  keepCold,
  liver,
  fatty,
  salty,
  hard,
  choke,
  allergens,
  vet,
];
