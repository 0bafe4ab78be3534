import { COLOUR_NAMES } from '../../heat';
import { isRawFlour, isRawTissue, type Ingredient } from '../../pantry';
import type { Caution } from '../caution';
import { warmAndWetMinutes } from '../warm-and-wet';
import { bakedRows, none, type Rule } from './rule';

/** Heat that the middle of a raw animal food calls for [°C]. Source: USDA-FSIS safe minimum temperatures. */
export const CORE_TARGET_C = { poultry: 74, 'red-meat': 71, egg: 71, fish: 63 } as const;
/** Log10 kill below which the middle's heat has not been shown to be enough. Source: USDA-FSIS Appendix A. */
export const ENOUGH_KILL = 6.5;

/** Cold and vacuum are no heat, however they are written; what would lift the stop is said alike wherever it stands. */
const NO_KILL = 'Freeze-drying is not a kill step: germs survive cold and vacuum, and grow again once they are wet.';
const cookFirst = (need_c: number): string =>
  `Cook it through to ${need_c} °C before it is frozen: that lifts this stop. Until then neither label nor feed it. Ask your vet.`;

const core: Rule = (context) => {
  const raw = bakedRows(context).filter(({ rawAnimal }) => rawAnimal !== null);
  if (raw.length === 0) return none;
  const need_c = neededFor(raw);
  const names = raw.map(({ name }) => name).join(', ');
  const { core_cMax, freezeDry } = context;
  if (core_cMax !== null && core_cMax >= need_c) return none;
  if (freezeDry && raw.some(isRawTissue))
    return [
      {
        code: 'core-low',
        severity: 'stop',
        step: 'heat',
        title: 'It stays raw',
        why: `${NO_KILL} ${names} calls for ${need_c} °C.`,
        act: cookFirst(need_c),
        source: 'USDA-FSIS; Bourdoux et al. 2016',
      },
    ];
  if (core_cMax === null)
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
  return [
    {
      code: 'core-low',
      severity: raw.some(isRawTissue) ? 'stop' : 'mind',
      step: 'heat',
      title: 'Not hot enough in the middle',
      why: `The middle is predicted to reach ${core_cMax.toFixed(0)} °C; ${names} calls for ${need_c} °C.`,
      act: 'Bake longer or hotter, and probe the thickest piece.',
      source: 'USDA-FSIS',
    },
  ];
};

const neededFor = (raw: readonly Ingredient[]): number =>
  Math.max(...raw.map(({ rawAnimal }) => CORE_TARGET_C[rawAnimal ?? 'poultry']));

/** Dried before it was cooked: only heat afterwards is left. */
const heatFirst: Rule = (context) => {
  if (!context.dehydrator || !bakedRows(context).some(isRawTissue) || context.kill_log10 >= ENOUGH_KILL) return none;
  if (context.heatedAfter)
    return [
      {
        code: 'heated-after',
        severity: 'note',
        step: 'heat',
        title: 'Heated after drying',
        why: 'Dry germs are hard to kill; ten minutes at 135 °C or more is the usual fallback, and it is in the programme.',
        act: 'Cooking it while it is wet, before it dries, is the surer way.',
        source: 'USDA-FSIS on jerky',
      },
    ];
  return [
    {
      code: 'jerky-heat-first',
      severity: 'mind',
      step: 'heat',
      title: 'Heat meat first, then dry',
      why: 'Drying air warms wet meat too slowly to kill germs, and dried meat shields them.',
      act: 'Bring it to 71 °C (poultry 74 °C) before drying, or give it 10 minutes at 135 °C straight after.',
      source: 'USDA-FSIS on jerky',
    },
  ];
};

/** Colder than this a piece counts as frozen through when the vacuum is drawn [°C]. Source: ours, -25 wanted. */
const FROZEN_FOR_VACUUM_C = -15;

const freezeFirst: Rule = ({ freezeDry }) =>
  freezeDry && freezeDry.start_c > FROZEN_FOR_VACUUM_C
    ? [
        {
          code: 'freeze-first',
          severity: 'mind',
          step: 'heat',
          title: 'Not frozen through when the vacuum starts',
          why: `The middle stands at about ${Math.round(freezeDry.start_c)} °C then; what is not ice boils, foams and shrinks.`,
          act: 'Freeze longer or colder first, and never put fresh pieces in with frozen ones.',
          source: 'ours; a freeze dryer wants -25 °C',
        },
      ]
    : none;

const noKill: Rule = (context) =>
  context.freezeDry && bakedRows(context).some(isRawTissue) && context.kill_log10 < ENOUGH_KILL
    ? [
        {
          code: 'freeze-dry-no-kill',
          severity: 'mind',
          step: 'heat',
          title: 'Freeze-drying is not a kill step',
          why: NO_KILL,
          act: cookFirst(neededFor(bakedRows(context).filter(isRawTissue))),
          source: 'USDA-FSIS; Bourdoux et al. 2016',
        },
      ]
    : none;

/** Sugars as a share of the dry matter from which the glassy ice matrix softens early [%]. Source: ours. */
const SUGARY_PCT = 30;
/** Where the frozen concentrate softens, with the 3 K of the usual rule [°C]. Source: Roos 1993, 2010. */
const SOFTENS_C = { sugary: -34, else: -12 } as const;

const collapse: Rule = ({ freezeDry }) => {
  if (!freezeDry) return none;
  const softens_c = freezeDry.sugars_pctOfDry >= SUGARY_PCT ? SOFTENS_C.sugary : SOFTENS_C.else;
  if (freezeDry.front_c <= softens_c) return none;
  return [
    {
      code: 'collapse',
      severity: 'note',
      step: 'heat',
      title: 'It may shrink and turn sticky in the dryer',
      why: `Its ice stands at about ${Math.round(freezeDry.front_c)} °C; this much sugar softens above ${softens_c} °C.`,
      act: 'Slice thinner, set the shelves cooler, and expect chewy rather than airy pieces.',
      source: 'Roos 1993; class averages',
    },
  ];
};

const lethality: Rule = (context) =>
  bakedRows(context).some(isRawTissue) && context.kill_log10 < ENOUGH_KILL
    ? [
        {
          code: 'lethality',
          severity: 'mind',
          step: 'heat',
          title: 'Heat may not have killed the germs',
          why: `Only heat while the middle is still wet counts: ${context.kill_log10.toFixed(1)} of ${ENOUGH_KILL} log steps are credited.`,
          act: 'Cook it through while it is wet, then dry.',
          source: 'USDA-FSIS Appendix A; an estimate, not a validation',
        },
      ]
    : none;

const rawFlour: Rule = (context) =>
  bakedRows(context).some(isRawFlour) && (context.core_cMax === null || context.core_cMax < 71)
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
  const animal = bakedRows(context).some(({ rawAnimal, category }) => rawAnimal !== null || category === 'dairy');
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

/** From this long on a load is left alone in the evening [min]; and so long is a night [min]. Source: ours. */
const OVERNIGHT_MIN = 240;
const A_NIGHT_MIN = 720;

const severalNights: Rule = ({ loads: { minutes, count, all_minutes } }) => {
  if (count < 2 || minutes < OVERNIGHT_MIN || all_minutes <= A_NIGHT_MIN) return none;
  const nights = Math.ceil(count / Math.max(1, Math.floor(A_NIGHT_MIN / minutes)));
  return [
    {
      code: 'several-nights',
      severity: 'mind',
      step: 'heat',
      title: `${count} loads take ${nights} nights`,
      why: `One load takes ${inHours(minutes)}, all of them ${inHours(all_minutes)}.`,
      act: 'What waits goes into the fridge, covered; or make less at a time.',
      source: 'ours',
    },
  ];
};
const inHours = (minutes: number): string => `${(minutes / 60).toFixed(minutes % 60 === 0 ? 0 : 1)} hours`;

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

const wetHeart: Rule = ({ surfaceAw, coreAw }) =>
  surfaceAw <= 0.65 && coreAw > 0.7
    ? [
        {
          code: 'wet-heart',
          severity: 'mind',
          step: 'heat',
          title: 'The middle is damper than it feels',
          why: 'The outside is dry while the middle is still moist; in a jar the water spreads and mould follows.',
          act: 'Dry longer at a lower heat, or roll thinner.',
          source: 'ours, from the simulated cross-section',
        },
      ]
    : none;

/** More juice than this share of the raw piece wets what the pieces lie on [%]. Source: ours. */
const JUICY_PCT = 3;
/** Colours of juice that sticks and smells. */
const BURNT: readonly string[] = [COLOUR_NAMES[3], COLOUR_NAMES[4]];

const juice: Rule = ({ drip }) =>
  drip && drip.share_pct > JUICY_PCT
    ? [
        {
          code: 'juice',
          severity: 'note',
          step: 'heat',
          title: 'Juice runs off',
          why:
            `Heated meat lets go of about ${Math.round(drip.share_pct)} % of its weight as juice: ${Math.round(drip.batch_g)} g from all pieces.` +
            (drip.colour === null ? '' : ` What lies on the tray ends ${drip.colour}.`),
          act:
            drip.colour !== null && BURNT.includes(drip.colour)
              ? 'Line the tray, pour the juice off half-way, or lay the pieces on a rack: it burns on before they are done.'
              : 'Pour it off half-way where it stands; under a rack or mesh, put a tray with a rim.',
          source: 'van der Sman 2007 on what heated tissue holds',
        },
      ]
    : none;

/** A wash, a dip or a topping with something raw in it gets its own heat, or none. */
const rawPart: Rule = ({ rawParts }) =>
  rawParts
    .filter(({ needs_c, hottest_c }) => hottest_c === null || hottest_c < needs_c)
    .map(({ name, ingredients, needs_c, hottest_c, tissue }): Caution => ({
      code: 'raw-finish',
      severity: tissue ? 'stop' : 'mind',
      step: 'heat',
      title: `${name} stays raw`,
      why:
        hottest_c === null
          ? `It goes on when the heat is over, and ${ingredients.join(', ').toLowerCase()} is raw.`
          : `Its face gets ${Math.round(hottest_c)} °C from then on; ${ingredients.join(', ').toLowerCase()} calls for ${needs_c} °C.`,
      act: tissue
        ? 'Cook it before it goes on, or put it on before the heat.'
        : 'Put it on while the oven is still hot, or use what is cooked: pasteurised egg, milk, broth.',
      source: 'USDA-FSIS',
    }));

/** Heat and drying. */
export const HEAT_RULES: readonly Rule[] = [
  core,
  heatFirst,
  freezeFirst,
  noKill,
  collapse,
  lethality,
  rawFlour,
  warmDamp,
  rawPart,
  beyondHeater,
  severalNights,
  wetHeart,
  juice,
];
