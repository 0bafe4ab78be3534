import { isRawTissue, type Ingredient } from '../pantry';
import type { Caution } from './caution';

/** How raw meat, organs, fish or eggs among these are handled; null where nothing is raw. Source: USDA-FSIS; FDA Food Code. */
export function rawHygiene(rows: readonly Ingredient[]): Caution | null {
  const raw = rows.filter(({ rawAnimal }) => rawAnimal !== null);
  if (raw.length === 0) return null;
  const tissue = raw.filter(isRawTissue);
  const cut = tissue.length > 0;
  return {
    code: 'raw-hygiene',
    severity: 'note',
    step: 'mix',
    title: cut ? 'Raw: a board and a knife of its own' : 'Raw egg in the bowl',
    why: `${(cut ? tissue : raw).map(({ name }) => name).join(', ')}: what drips or sticks reaches whatever is touched next.`,
    act: cut
      ? 'Fridge until it is mixed, two hours out at most. Gloves or washed hands; board, knife and bowl washed hot before anything else touches them. Nobody tastes it raw.'
      : 'Fridge until it is cracked, two hours out at most. Wash hands, bowl and whisk hot afterwards. Nobody tastes it raw.',
    source: 'USDA-FSIS; FDA Food Code',
  };
}
