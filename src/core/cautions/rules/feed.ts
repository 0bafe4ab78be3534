import { liverShare } from '../../pantry';
import { allergenCaution } from '../allergen-caution';
import { sizeVerdict } from '../piece-size';
import { ifAny, none, rowsOf, type Rule } from './rule';

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

const allergens: Rule = (context) => ifAny(allergenCaution(rowsOf(context)));

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

/** Feeding. */
export const FEED_RULES: readonly Rule[] = [liver, fatty, salty, hard, choke, allergens, vet];
