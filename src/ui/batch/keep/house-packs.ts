import type { PackChoice } from '@/core/catalogue';
import type { HousePack } from '@/core/outcomes';
import { packOf } from '@/core/keeping';
import type { Keeps } from '@/core/prediction';

type Option = PackChoice['option'];

/** The sizes that the house has of one kind of pack, the smallest first. */
export const sizesOf = (house: readonly HousePack[], option: Option): HousePack[] =>
  house.filter((one) => one.option === option).sort((a, b) => a.volume_ml - b.volume_ml);

/** A pack in the size that the house has: the smallest that holds so much, else the largest; as usual where it has none. */
export function inHouseSize(choice: PackChoice, house: readonly HousePack[], needs_ml: number): PackChoice {
  const sizes = sizesOf(house, choice.option).filter(({ count }) => count > 0);
  const size = sizes.find(({ volume_ml }) => volume_ml >= needs_ml) ?? sizes.at(-1);
  return size ? { ...choice, volume_ml: size.volume_ml } : choice;
}

/** Packs of one kind and size that a batch fills, and how many of them there are. */
export type PacksShort = { readonly option: Option; readonly volume_ml: number; readonly needed: number; readonly there: number };

/** Packs that a batch needs more of than the house has; nothing of kinds that nobody has counted. */
export function packsShort(
  choices: readonly PackChoice[],
  keeps: readonly Pick<Keeps, 'packs'>[],
  house: readonly HousePack[],
): PacksShort[] {
  const needed = new Map<string, PacksShort>();
  for (const [i, { option, volume_ml, own }] of choices.entries()) {
    if (sizesOf(house, option).length === 0) continue;
    const size_ml = packOf(option, volume_ml, own).volume_ml;
    const key = `${option} ${size_ml}`;
    const there = house.find((one) => one.option === option && one.volume_ml === size_ml)?.count ?? 0;
    needed.set(key, { option, volume_ml: size_ml, there, needed: (needed.get(key)?.needed ?? 0) + (keeps[i]?.packs ?? 0) });
  }
  return [...needed.values()].filter((one) => one.needed > one.there);
}
