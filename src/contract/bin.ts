/** What a baker can take away: each is kept in the bin for a fortnight. */
export type BinKind = 'recipe' | 'batch' | 'jar' | 'lot' | 'price' | 'ingredient' | 'bake_day' | 'photo' | 'dog' | 'appliance';

/** Something of the kitchen that is to be taken away. */
export type BinWish = { readonly kind: BinKind; readonly id: string };

/** Something that was taken away, under the id by which it can be brought back. */
export type Binned = { readonly id: string; readonly kind: BinKind; readonly name: string };

/** What is in the bin, the last first. */
export type BinView = {
  readonly things: ReadonlyArray<Binned & { readonly binned_at: string; readonly gone_on: string }>;
};
